include /etc/nginx/fastcgi_params;
fastcgi_param SCRIPT_FILENAME @ROOT@/public/index.php;
fastcgi_param SCRIPT_NAME /index.php;
fastcgi_param DOCUMENT_ROOT @ROOT@/public;
@HOST@
fastcgi_pass unix:@RUN@/php-$pool.sock;
fastcgi_buffers 16 32k; fastcgi_buffer_size 32k;
fastcgi_request_buffering on;
