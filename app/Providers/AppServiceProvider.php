<?php

declare(strict_types=1);

namespace App\Providers;

use App\Files\Disk;
use App\Files\LocalDisk;
use App\Files\RemoteDisk;
use App\Labs\ProfileStore;
use App\Models\Studio;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use App\Views\KeptViews;
use App\Workers\InHand;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ServiceProvider;
use League\Flysystem\Local\LocalFilesystemAdapter;
use Planisher\Imaging\Colour\Profiles;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Disk::class, fn (): Disk => self::disk());
        $this->app->singleton(
            Profiles::class,
            fn (): Profiles => new Profiles($this->app->make(ProfileStore::class)->path(...), storage_path('app/previews/tables')),
        );
        $this->app->singleton(
            PictureStore::class,
            fn (): PictureStore => new PictureStore(
                $this->app->make(Disk::class),
                $this->app->make(Profiles::class),
                $this->app->make(MarkStore::class),
            ),
        );
        $this->app->scoped(Studio::class, fn (): Studio => Studio::query()->first() ?? new Studio());
        $this->app->singleton(MarkStore::class, fn (): MarkStore => new MarkStore($this->app->make(Disk::class)));
        $this->app->singleton(ProfileStore::class, fn (): ProfileStore => new ProfileStore($this->app->make(Disk::class)));
        $this->app->singleton(KeptViews::class, fn (): KeptViews => new KeptViews(storage_path('app/previews')));
    }

    private static function disk(): Disk
    {
        $disk = Storage::disk();
        $adapter = $disk instanceof FilesystemAdapter ? $disk->getAdapter() : throw new \LogicException('A disk is one of Flysystem’s.');

        return $adapter instanceof LocalFilesystemAdapter
            ? new LocalDisk(rtrim($disk->path(''), '/'))
            : new RemoteDisk($adapter, storage_path('app/scratch'), Cache::store('file'));
    }

    public function boot(): void
    {
        Model::shouldBeStrict($this->app->environment() !== 'production');
        InHand::watch();
    }
}
