daemon off;
@USER@
pid @RUN@/nginx.pid;
error_log @LOGS@/nginx-error.log warn;
worker_processes 1;
events { worker_connections 1024; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  sendfile on; tcp_nopush on; server_tokens off;
  client_body_temp_path @RUN@/tmp/body; proxy_temp_path @RUN@/tmp/proxy; fastcgi_temp_path @RUN@/tmp/fastcgi;
  uwsgi_temp_path @RUN@/tmp/uwsgi; scgi_temp_path @RUN@/tmp/scgi;
  client_max_body_size 402m;
  client_body_timeout 120s;
  gzip on; gzip_vary on; gzip_comp_level 5; gzip_min_length 1024;
  gzip_types text/css application/javascript application/json image/svg+xml;
  server {
    listen 127.0.0.1:@PORT@;
    root @ROOT@/public;
    charset utf-8;
    add_header X-Content-Type-Options nosniff always;
    add_header X-Frame-Options DENY always;
    add_header Referrer-Policy same-origin always;
    location /build/ { try_files $uri =404; expires 1y; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff always; }
    location /_private/ { internal; alias @STORAGE@/app/; }
    location / { try_files $uri /index.php?$query_string; }
    location = /index.php {
      include /etc/nginx/fastcgi_params;
      fastcgi_param SCRIPT_FILENAME $realpath_root/index.php;
      fastcgi_param DOCUMENT_ROOT $realpath_root;
      fastcgi_param HTTP_HOST $host:$server_port; # Debian 12.11+ fastcgi_params sends $host without the port
      fastcgi_pass unix:@RUN@/php-fpm.sock;
      fastcgi_buffers 16 32k; fastcgi_buffer_size 32k;
      fastcgi_request_buffering on; fastcgi_read_timeout 180s;
    }
    location ~ \.php$ { return 404; }
    location ~ /\. { return 404; }
  }
}
