/* What is used of HarfBuzz 6, as its own headers have it. */
typedef struct hb_blob_t hb_blob_t;
typedef struct hb_face_t hb_face_t;
typedef struct hb_font_t hb_font_t;
typedef struct hb_buffer_t hb_buffer_t;
typedef struct { uint32_t codepoint; uint32_t mask; uint32_t cluster; uint32_t var1; uint32_t var2; } hb_glyph_info_t;
typedef struct { int32_t x_advance; int32_t y_advance; int32_t x_offset; int32_t y_offset; uint32_t var; } hb_glyph_position_t;
hb_blob_t *hb_blob_create_from_file(const char *file_name);
unsigned int hb_blob_get_length(hb_blob_t *blob);
hb_face_t *hb_face_create(hb_blob_t *blob, unsigned int index);
unsigned int hb_face_get_upem(hb_face_t *face);
hb_font_t *hb_font_create(hb_face_t *face);
hb_buffer_t *hb_buffer_create(void);
void hb_buffer_destroy(hb_buffer_t *buffer);
void hb_buffer_add_utf8(hb_buffer_t *buffer, const char *text, int length, unsigned int offset, int item_length);
void hb_buffer_guess_segment_properties(hb_buffer_t *buffer);
void hb_shape(hb_font_t *font, hb_buffer_t *buffer, const void *features, unsigned int number);
hb_glyph_info_t *hb_buffer_get_glyph_infos(hb_buffer_t *buffer, unsigned int *length);
hb_glyph_position_t *hb_buffer_get_glyph_positions(hb_buffer_t *buffer, unsigned int *length);
