<?php

declare(strict_types=1);

namespace App\Providers;

use App\Labs\ProfileStore;
use App\Models\Studio;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use App\Views\KeptViews;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;
use Planisher\Imaging\Colour\Profiles;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(
            Profiles::class,
            fn (): Profiles => new Profiles(storage_path('app/profiles'), storage_path('app/previews/tables')),
        );
        $this->app->singleton(
            PictureStore::class,
            fn (): PictureStore => new PictureStore(
                storage_path('app'),
                $this->app->make(Profiles::class),
                $this->app->make(MarkStore::class),
            ),
        );
        $this->app->scoped(Studio::class, fn (): Studio => Studio::query()->first() ?? new Studio());
        $this->app->singleton(MarkStore::class, fn (): MarkStore => new MarkStore(storage_path('app/marks')));
        $this->app->singleton(ProfileStore::class, fn (): ProfileStore => new ProfileStore(storage_path('app/profiles')));
        $this->app->singleton(KeptViews::class, fn (): KeptViews => new KeptViews(storage_path('app/previews')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict($this->app->environment() !== 'production');
    }
}
