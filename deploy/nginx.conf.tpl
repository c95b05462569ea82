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
  client_max_body_size 1m; fastcgi_read_timeout 60s;
  client_header_timeout 20s; client_body_timeout 60s; send_timeout 60s;
  large_client_header_buffers 4 16k;
  gzip on; gzip_vary on; gzip_comp_level 5; gzip_min_length 1024;
  gzip_types text/css application/javascript application/json image/svg+xml;
  # The page's own policy is PHP's; all else may do nothing at all.
  map $upstream_http_content_security_policy $strictest { '' "default-src 'none'; frame-ancestors 'none'; sandbox"; default ''; }

  # Who has processes of PHP of their own (php-fpm.conf.tpl): whatever one of these costs, the others go on.
  map $uri $pool {
    default app;
    ~^/(shown/|api/(sign-in|first|choose-password)$) guests;
    ~^/api/(orders/[0-9]+/list/(read|file)$|lines/[0-9]+/[a-z-]+/[0-9a-f]+$|pictures-folder/|pictures/[0-9a-f]+/looked$) looks;
    ~^/(health|up)$ health;
  }
@REAL_ADDRESS@
  # Asked for by any other name, nothing is answered.
  server { listen 127.0.0.1:@PORT@ default_server; server_name _; return 444; }

  server {
    listen 127.0.0.1:@PORT@;
    server_name @HOSTS@;
    root @ROOT@/public;
    charset utf-8;
    include @RUN@/nginx-headers.conf;
    add_header Content-Security-Policy $strictest always;
    error_page 400 414 494 = @not_understood;
    error_page 401 403 = @sign_in_first;
    error_page 413 = @too_large;
    error_page 500 = @no_room;
    error_page 502 503 504 = @came_down;

    location /build/ { try_files $uri =404; expires 1y; include @RUN@/nginx-headers.conf; add_header Content-Security-Policy $strictest always; add_header Cache-Control "public, immutable"; }
    location /_private/ { internal; alias @STORAGE@/app/; include @RUN@/nginx-headers.conf; add_header Content-Security-Policy "default-src 'none'; frame-ancestors 'none'; sandbox" always; }
    # Bodies of any size only from people who are signed in: that is asked before the body is read.
    location = /_known {
      internal;
      client_max_body_size 0;
      include @RUN@/nginx-php.conf;
      fastcgi_param REQUEST_URI /api/known; fastcgi_param REQUEST_METHOD GET; fastcgi_param QUERY_STRING ''; fastcgi_param CONTENT_LENGTH '';
      fastcgi_pass_request_body off;
    }
    location ~ ^/api/orders/[0-9]+/pictures$ { auth_request /_known; client_max_body_size 402m; include @RUN@/nginx-php.conf; }
    location ~ ^/api/uploads/[0-9a-f]+$ { auth_request /_known; client_max_body_size 9m; include @RUN@/nginx-php.conf; }
    # A whole order with its pictures: larger, and longer on its way, than anything else.
    location = /api/orders/import {
      auth_request /_known; client_max_body_size 8002m; include @RUN@/nginx-php.conf; fastcgi_read_timeout 300s;
      fastcgi_param PHP_VALUE "upload_max_filesize=8000M
post_max_size=8002M";
    }
    location ~ ^/api/orders/[0-9]+/export$ { auth_request /_known; include @RUN@/nginx-php.conf; fastcgi_read_timeout 300s; }
    location = /api/marks { auth_request /_known; client_max_body_size 41m; include @RUN@/nginx-php.conf; }
    location ~ ^/api/orders/[0-9]+/list/file$ { auth_request /_known; client_max_body_size 41m; include @RUN@/nginx-php.conf; }
    location ~ ^/api/labs/[0-9]+/profiles$ { auth_request /_known; client_max_body_size 21m; include @RUN@/nginx-php.conf; }
    location / { try_files $uri @page; }
    location @page { include @RUN@/nginx-php.conf; }
    location ~ \.php$ { return 404; }
    location ~ /\. { return 404; }

    location @not_understood { default_type application/json; return 400 '{"message":"The request can’t be understood."}'; }
    location @sign_in_first { default_type application/json; return 401 '{"message":"Sign in first."}'; }
    location @too_large { default_type application/json; return 413 '{"message":"That is larger than what is taken: 8 GB of an exported order, 400 MB of a picture, 40 MB of a mark, 20 MB of a profile, 1 MB of anything else."}'; }
    # nginx itself says 500 where it can't put a request down; PHP's own 500 are passed on as they are.
    location @no_room { default_type application/json; return 507 '{"message":"The machine’s disk is full: what was sent couldn’t be put down. Make room, then try it again."}'; }
    location @came_down { default_type application/json; return 502 '{"message":"Planisher isn’t answering. What was saved is kept; this is tried again."}'; }
  }
}
