<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;
use Planisher\Imaging\CodeTable;
use Planisher\Imaging\Profiles;

class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Profiles::keptIn(storage_path('app/profiles'));
        CodeTable::keptIn(storage_path('app/previews/tables'));
        Model::shouldBeStrict($this->app->environment() !== 'production');
    }
}
