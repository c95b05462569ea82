/* What is used of libvips 8.14, as its own headers have it. Behind each operation stand its optional arguments and their
   kinds (bool, int, double, string, ints, doubles, interpolate): variadic C checks nothing, so the binding does. */
typedef struct _VipsImage VipsImage;
typedef struct _VipsInterpolate VipsInterpolate;
int vips_init(const char *argv0);
const char *vips_version_string(void);
int vips_version(int flag);
void *g_module_open(const char *file_name, int flags);
int g_module_make_resident(void *module);
const char *vips_error_buffer(void);
void vips_error_clear(void);
void vips_cache_set_max(int max);
void vips_operation_block_set(const char *name, int state);
size_t vips_tracked_get_mem_highwater(void);
const char *vips_foreign_find_load(const char *filename);
VipsImage *vips_image_new_from_file(const char *name, ...); // int access; int fail_on; int shrink; int page; int n; int subifd; bool unlimited
VipsImage *vips_image_new_from_memory_copy(const void *data, size_t size, int width, int height, int bands, int format);
VipsImage *vips_image_new_temp_file(const char *format);
VipsImage *vips_image_copy_memory(VipsImage *image);
void *vips_image_write_to_memory(VipsImage *in, size_t *size);
int vips_image_write(VipsImage *image, VipsImage *out);
int vips_image_get_width(const VipsImage *image);
int vips_image_get_height(const VipsImage *image);
int vips_image_get_bands(const VipsImage *image);
int vips_image_get_format(const VipsImage *image);
int vips_image_get_interpretation(const VipsImage *image);
int vips_image_hasalpha(VipsImage *image);
unsigned long vips_image_get_typeof(const VipsImage *image, const char *name);
int vips_image_get_int(const VipsImage *image, const char *name, int *out);
int vips_image_get_blob(const VipsImage *image, const char *name, const void **data, size_t *length);
void vips_image_set_blob_copy(VipsImage *image, const char *name, const void *data, size_t length);
int vips_image_remove(VipsImage *image, const char *name);
char **vips_image_get_fields(VipsImage *image);
void vips_image_set_progress(VipsImage *image, int progress);
typedef struct { VipsImage *im; int run; int eta; int64_t tpels; int64_t npels; int percent; void *start; } VipsProgress;
typedef void (*ProgressCallback)(VipsImage *image, VipsProgress *progress, void *data);
unsigned long g_signal_connect_data(void *instance, const char *signal, ProgressCallback handler, void *data, void *destroy, int flags);
VipsInterpolate *vips_interpolate_new(const char *nickname);
typedef struct _VipsArea VipsArea;
VipsArea *vips_array_int_new(const int *array, int n);
VipsArea *vips_array_double_new(const double *array, int n);
void vips_area_unref(VipsArea *area);
void *g_thread_new(const char *name, void *function, void *data);
void *g_thread_join(void *thread);
void g_object_unref(void *object);
void g_strfreev(char **strings);
void g_free(void *memory);
int vips_copy(VipsImage *in, VipsImage **out, ...); // int interpretation; int format; int width; int height; int bands; int xoffset; int yoffset
int vips_crop(VipsImage *in, VipsImage **out, int left, int top, int width, int height, ...);
int vips_resize(VipsImage *in, VipsImage **out, double scale, ...); // int kernel; double gap; double vscale
int vips_affine(VipsImage *in, VipsImage **out, double a, double b, double c, double d, ...); // interpolate interpolate; ints oarea; double odx; double ody; double idx; double idy; doubles background; int extend
int vips_rot(VipsImage *in, VipsImage **out, int angle, ...);
int vips_flip(VipsImage *in, VipsImage **out, int direction, ...);
int vips_flatten(VipsImage *in, VipsImage **out, ...); // doubles background; double max_alpha
int vips_colourspace(VipsImage *in, VipsImage **out, int space, ...); // int source_space
int vips_cast(VipsImage *in, VipsImage **out, int format, ...); // bool shift
int vips_extract_band(VipsImage *in, VipsImage **out, int band, ...); // int n
int vips_icc_transform(VipsImage *in, VipsImage **out, const char *output_profile, ...); // int pcs; int intent; bool black_point_compensation; bool embedded; string input_profile; int depth
int vips_thumbnail(const char *filename, VipsImage **out, int width, ...); // int height; int size; bool no_rotate; int crop; bool linear; string import_profile; string export_profile; int intent; int fail_on
int vips_avg(VipsImage *in, double *out, ...);
typedef struct _VipsTarget VipsTarget;
VipsTarget *vips_target_new_to_descriptor(int descriptor);
int creat(const char *path, unsigned int mode);
int64_t lseek(int file, int64_t offset, int whence);
int close(int file);
int vips_jpegsave_target(VipsImage *in, VipsTarget *target, ...); // int Q; string profile; bool optimize_coding; bool interlace; int subsample_mode; int restart_interval; bool strip
int vips_jpegsave(VipsImage *in, const char *filename, ...); // int Q; string profile; bool optimize_coding; bool interlace; int subsample_mode; int restart_interval; bool strip
int vips_tiffsave(VipsImage *in, const char *filename, ...); // int compression; int Q; int predictor; string profile; bool tile; int tile_width; int tile_height; bool pyramid; int resunit; double xres; double yres; bool bigtiff; bool strip; int bitdepth
int vips_pngsave(VipsImage *in, const char *filename, ...); // int compression; bool interlace; string profile; int filter; int bitdepth; bool strip
int vips_gaussnoise(VipsImage **out, int width, int height, ...); // double sigma; double mean; int seed
int vips_add(VipsImage *left, VipsImage *right, VipsImage **out, ...);
int vips_text(VipsImage **out, const char *text, ...); // string font; string fontfile; int dpi
int vips_premultiply(VipsImage *in, VipsImage **out, ...); // double max_alpha
int vips_unpremultiply(VipsImage *in, VipsImage **out, ...); // double max_alpha
int vips_black(VipsImage **out, int width, int height, ...); // int bands
int vips_embed(VipsImage *in, VipsImage **out, int x, int y, int width, int height, ...); // int extend; doubles background
int vips_insert(VipsImage *main, VipsImage *sub, VipsImage **out, int x, int y, ...); // bool expand; doubles background
int vips_smartcrop(VipsImage *in, VipsImage **out, int width, int height, ...); // int interesting
int vips_image_get_xoffset(const VipsImage *image);
int vips_image_get_yoffset(const VipsImage *image);
void vips_image_set_int(VipsImage *image, const char *name, int i);
int vips_join(VipsImage *in1, VipsImage *in2, VipsImage **out, int direction, ...); // bool expand; int shim; doubles background; int align
int vips_relational(VipsImage *left, VipsImage *right, VipsImage **out, int relational, ...);
int vips_ifthenelse(VipsImage *cond, VipsImage *in1, VipsImage *in2, VipsImage **out, ...); // bool blend
int vips_maplut(VipsImage *in, VipsImage **out, VipsImage *lut, ...); // int band
int vips_shrink(VipsImage *in, VipsImage **out, double hshrink, double vshrink, ...); // bool ceil
int vips_gaussblur(VipsImage *in, VipsImage **out, double sigma, ...); // double min_ampl; int precision
int vips_sobel(VipsImage *in, VipsImage **out, ...);
int vips_icc_import(VipsImage *in, VipsImage **out, ...); // int pcs; int intent; bool black_point_compensation; bool embedded; string input_profile
int vips_linear1(VipsImage *in, VipsImage **out, double a, double b, ...); // bool uchar
int vips_math2_const1(VipsImage *in, VipsImage **out, int math2, double c, ...);
int vips_bandjoin2(VipsImage *in1, VipsImage *in2, VipsImage **out, ...);
int vips_sharpen(VipsImage *in, VipsImage **out, ...); // double sigma; double x1; double y2; double y3; double m1; double m2
int vips_dE76(VipsImage *left, VipsImage *right, VipsImage **out, ...);
int vips_relational_const1(VipsImage *in, VipsImage **out, int relational, double c, ...);
int vips_replicate(VipsImage *in, VipsImage **out, int across, int down, ...);
VipsImage *vips_image_new_matrix_from_array(int width, int height, const double *array, int size);
int vips_recomb(VipsImage *in, VipsImage **out, VipsImage *m, ...);
int vips_linear(VipsImage *in, VipsImage **out, const double *a, const double *b, int n, ...); // bool uchar
int vips_XYZ2Lab(VipsImage *in, VipsImage **out, ...); // doubles temp
int vips_Lab2XYZ(VipsImage *in, VipsImage **out, ...); // doubles temp
int vips_subsample(VipsImage *in, VipsImage **out, int x, int y, ...); // bool point
int vips_zoom(VipsImage *in, VipsImage **out, int across, int down, ...);
int vips_magickload(const char *filename, VipsImage **out, ...); // int page; int n
int mallopt(int param, int value); // the C library's
