<?php

declare(strict_types=1);

use App\Health\Health;
use App\Http\Answer;
use App\Http\Controllers\ClientPageController;
use App\Http\Controllers\FolderController;
use App\Http\Controllers\HouseFinishController;
use App\Http\Controllers\LabController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\ListController;
use App\Http\Controllers\MakeController;
use App\Http\Controllers\MarkController;
use App\Http\Controllers\NamesController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\OrderFileController;
use App\Http\Controllers\OwnWordController;
use App\Http\Controllers\ParcelController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\SettleController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StudioController;
use App\Http\Controllers\UploadController;
use App\Http\Controllers\ViewController;
use App\Http\Controllers\ViewedLineController;
use App\Http\Middleware\FromThisSite;
use App\Views\Views;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

// An id is a whole number that the database can hold, and nothing behind it.
Route::patterns(
    array_fill_keys(
        ['order', 'picture', 'line', 'lab', 'finish', 'file', 'make', 'mark', 'page', 'parcel', 'parcelFile', 'person'],
        '[1-9][0-9]{0,17}',
    ),
);

Route::middleware('web')
    ->prefix('api')
    ->group(function (): void {
        Route::get('me', Answer::of('Me', SignInController::class, 'show'))->middleware('auth.session');
        Route::middleware(FromThisSite::class)->group(function (): void {
            Route::post('sign-in', Answer::of('Me', SignInController::class, 'store'));
            Route::post('first', Answer::of('Me', StudioController::class, 'first'))->middleware('throttle:20,1');
            Route::post('choose-password', [PeopleController::class, 'choose'])->middleware('throttle:20,1');
        });

        // A changed password ends every other session (auth.session).
        Route::middleware(['auth', 'auth.session'])->group(function (): void {
            Route::get('known', fn () => response()->noContent());
            Route::post('sign-out', [SignInController::class, 'destroy']);
            Route::post('sign-out-everywhere', [SignInController::class, 'everywhere']);

            Route::get('orders', Answer::of('Orders', OrderController::class, 'index'));
            Route::get('new-order', Answer::of('NewOrderChoices', OrderController::class, 'choices'));
            Route::post('orders', Answer::of('Created', OrderController::class, 'store'));
            Route::post('orders/import', Answer::of('Created', OrderFileController::class, 'import'));
            Route::get('orders/{order}', Answer::of('OrderSheet', OrderController::class, 'show'))->middleware(
                'cache.headers:no_cache;private;etag',
            );
            Route::patch('orders/{order}', Answer::of('HeadOfOrder', OrderController::class, 'update'));
            Route::delete('orders/{order}', [OrderController::class, 'destroy']);
            Route::post('orders/{order}/tried', Answer::of('LineChanges', OrderController::class, 'tried'));
            Route::post('orders/{order}/names/tried', Answer::of('NamesTried', NamesController::class, 'tried'));
            Route::put('orders/{order}/names', Answer::of('LinesNamed', NamesController::class, 'give'));
            Route::post('orders/{order}/copy', Answer::of('Created', OrderController::class, 'copy'));
            Route::post('orders/{order}/put-away', Answer::of('HeadOfOrder', OrderController::class, 'putAway'));
            Route::post('orders/{order}/bring-back', Answer::of('HeadOfOrder', OrderController::class, 'bringBack'));
            Route::post('orders/{order}/restore', Answer::of('HeadOfOrder', OrderController::class, 'restore'))->withTrashed();
            Route::get('orders/{order}/history', Answer::of('OrderHistory', OrderController::class, 'history'));
            Route::get('orders/{order}/export', [OrderFileController::class, 'export']);

            Route::post('orders/{order}/pictures', Answer::of('Taken', PictureController::class, 'store'));
            Route::post('orders/{order}/uploads', [UploadController::class, 'begin']);
            Route::match('HEAD', 'uploads/{token}', [UploadController::class, 'arrived'])->where('token', '[0-9a-f]{32}');
            Route::patch('uploads/{token}', [UploadController::class, 'piece'])->where('token', '[0-9a-f]{32}');
            Route::delete('uploads/{token}', [UploadController::class, 'end'])->where('token', '[0-9a-f]{32}');
            Route::get('orders/{order}/incoming/{token}', Answer::of('Incoming', PictureController::class, 'incoming'))->where(
                'token',
                '[0-9a-f]{32}',
            );
            Route::delete('orders/{order}/pictures/{picture}', [PictureController::class, 'destroy'])->scopeBindings();
            Route::get('pictures-folder', Answer::of('FolderPage', FolderController::class, 'index'));
            Route::get('pictures-folder/thumb', [FolderController::class, 'thumb']);
            Route::post('orders/{order}/pictures-folder', Answer::of('Taken', FolderController::class, 'take'));
            Route::get('pictures/{sha256}/{kind}', [PictureController::class, 'proxy'])->where([
                'sha256' => '[0-9a-f]{64}',
                'kind' => 'screen|thumb',
            ]);

            Route::get('pictures/{picture:sha256}/looked', Answer::of('Hints', PictureController::class, 'looked'))->where(
                'picture',
                '[0-9a-f]{64}',
            );
            Route::put('pictures/{picture:sha256}/must-stay-in', Answer::of('Areas', PictureController::class, 'mark'))->where(
                'picture',
                '[0-9a-f]{64}',
            );

            Route::get('house-finishes', Answer::of('HouseFinishes', HouseFinishController::class, 'index'));
            Route::post('house-finishes', Answer::of('HouseFinish', HouseFinishController::class, 'store'));
            Route::patch('house-finishes/{finish}', Answer::of('HouseFinish', HouseFinishController::class, 'update'));
            Route::delete('house-finishes/{finish}', [HouseFinishController::class, 'destroy']);
            Route::post('orders/{order}/house-finishes/{finish}', Answer::of('Given', HouseFinishController::class, 'give'));
            Route::get('lines/{line}/choices', Answer::of('Choices', HouseFinishController::class, 'choices'));

            Route::get('own-words', Answer::of('OwnWords', OwnWordController::class, 'index'));
            Route::post('own-words', Answer::of('OwnWord', OwnWordController::class, 'store'));
            Route::patch('own-words/{word}', Answer::of('OwnWord', OwnWordController::class, 'update'));
            Route::delete('own-words/{word}', [OwnWordController::class, 'destroy']);

            Route::post('orders/{order}/list/read', Answer::of('ListRead', ListController::class, 'read'));
            Route::post('orders/{order}/list/file', Answer::of('ListText', ListController::class, 'file'));
            Route::get('orders/{order}/last-time', Answer::of('LastTime', ListController::class, 'lastTime'));
            Route::post('orders/{order}/list', Answer::of('LinesMade', ListController::class, 'take'));
            Route::post('orders/{order}/pass', Answer::of('LinesPassed', LineController::class, 'passMany'));
            Route::post('orders/{order}/settle', Answer::of('LinesPassed', SettleController::class, 'settle'));
            Route::put('lines/{line}/settled', Answer::of('LineView', SettleController::class, 'replace'));
            Route::post('orders/{order}/wishes', Answer::of('WishesDone', ListController::class, 'say'));
            Route::post('lines/{line}/wish', Answer::of('WishTried', ListController::class, 'tried'));

            Route::post('orders/{order}/lines', Answer::of('LineView', LineController::class, 'store'));
            Route::patch('lines/{line}', Answer::of('LineView', LineController::class, 'update'));
            Route::put('lines/{line}', Answer::of('LineView', LineController::class, 'replace'));
            Route::put('lines/{line}/remark', Answer::of('LineView', LineController::class, 'remark'));
            Route::delete('lines/{line}', [LineController::class, 'destroy']);
            Route::post('lines/{line}/restore', Answer::of('LineView', LineController::class, 'restore'))->withTrashed();
            Route::post('lines/{line}/pass', Answer::of('LineView', LineController::class, 'pass'));
            Route::post('lines/{line}/hold', Answer::of('LineView', LineController::class, 'hold'));
            Route::get('lines/{line}/{view}/{hash}', ViewController::class)->where([
                'view' => implode('|', array_keys(Views::ALL)),
                'hash' => '[0-9a-f]{64}',
            ]);

            Route::post('orders/{order}/sheets', Answer::of('SheetMade', SheetController::class, 'store'));
            Route::post('orders/{order}/sheets/tried', Answer::of('SheetsTried', SheetController::class, 'tried'));
            Route::post('orders/{order}/house-finishes/{finish}/fill', Answer::of('LinesMade', SheetController::class, 'fill'));
            Route::get('sheets/ready', Answer::of('ReadyWays', SheetController::class, 'ready'));
            Route::post('lines/{line}/apart', Answer::of('LinesMade', SheetController::class, 'apart'));

            Route::get('orders/{order}/client-pages', Answer::of('ClientPages', ClientPageController::class, 'index'));
            Route::post('orders/{order}/client-pages', Answer::of('ClientPage', ClientPageController::class, 'store'));
            Route::post('client-pages/{page}/revoke', Answer::of('ClientPage', ClientPageController::class, 'revoke'));
            Route::get('marks', Answer::of('StudioMarks', MarkController::class, 'index'));
            Route::post('marks', Answer::of('StudioMark', MarkController::class, 'store'));
            Route::delete('marks/{mark}', [MarkController::class, 'destroy']);
            Route::get('marks/{mark:sha256}/image', [MarkController::class, 'image'])->where('mark', '[0-9a-f]{64}');
            Route::get('studio', Answer::of('Studio', StudioController::class, 'show'));
            Route::patch('studio', Answer::of('Studio', StudioController::class, 'update'));
            Route::put('me/password', [PeopleController::class, 'password']);
            Route::post('people', Answer::of('PasswordLink', PeopleController::class, 'store'));
            Route::post('people/{person}/link', Answer::of('PasswordLink', PeopleController::class, 'linked'));
            Route::post('people/{person}/sign-out', [PeopleController::class, 'signOut']);
            Route::delete('people/{person}', [PeopleController::class, 'destroy']);

            Route::get('labs', Answer::of('Labs', LabController::class, 'index'));
            Route::post('labs', Answer::of('Created', LabController::class, 'store'));
            Route::post('labs/read', Answer::of('LabRead', LabController::class, 'read'));
            Route::post('labs/tried', Answer::of('LabTried', LabController::class, 'tried'));
            Route::post('labs/import', Answer::of('Created', LabController::class, 'import'));
            Route::get('labs/{lab}', Answer::of('LabPage', LabController::class, 'show'));
            Route::put('labs/{lab}', Answer::of('LabPage', LabController::class, 'update'));
            Route::put('labs/{lab}/service', Answer::of('LabPage', LabController::class, 'service'));
            Route::delete('labs/{lab}', [LabController::class, 'destroy']);
            Route::post('labs/{lab}/copy', Answer::of('Created', LabController::class, 'copy'));
            Route::get('labs/{lab}/export', [LabController::class, 'export']);
            Route::post('labs/{lab}/profiles', Answer::of('ProfileTaken', LabController::class, 'profile'));

            Route::get('orders/{order}/make', Answer::of('Makes', MakeController::class, 'index'));
            Route::post('orders/{order}/make', Answer::of('Making', MakeController::class, 'store'));
            Route::post('files/{file}/again', Answer::of('Created', MakeController::class, 'again'));
            Route::get('files/{file}', [MakeController::class, 'download']);
            Route::post('makes/{make}/pause', [MakeController::class, 'pause']);
            Route::post('makes/{make}/stop', [MakeController::class, 'stop']);
            Route::post('makes/{make}/go-on', [MakeController::class, 'goOn']);
            Route::get('makes/{make}/zip', [MakeController::class, 'zip']);
            Route::get('makes/{make}/screen-zip', [MakeController::class, 'screenZip']);
            Route::post('orders/{order}/screen-copies', Answer::of('Making', MakeController::class, 'screenCopies'));

            Route::get('orders/{order}/parcels', Answer::of('Parcels', ParcelController::class, 'index'));
            Route::post('orders/{order}/parcels', Answer::of('ParcelPacked', ParcelController::class, 'store'));
            Route::post('orders/{order}/reprints', Answer::of('Making', ParcelController::class, 'reprint'));
            Route::post('lines/{line}/reprint', Answer::of('Created', ParcelController::class, 'reprintChanged'));
            Route::post('lines/{line}/test-strip', Answer::of('Created', ParcelController::class, 'testStrip'));
            Route::post('parcels/{parcel}/send', [ParcelController::class, 'send']);
            Route::post('parcels/{parcel}/stop', [ParcelController::class, 'stop']);
            Route::put('parcels/{parcel}/by-hand', [ParcelController::class, 'byHand']);
            Route::get('parcels/{parcel}/job-sheet', [ParcelController::class, 'jobSheet']);
            Route::get('parcels/{parcel}/receipt', [ParcelController::class, 'receipt']);
            Route::get('parcels/{parcel}/zip', [ParcelController::class, 'zip']);
            Route::get('parcel-files/{parcelFile}/ours', [ParcelController::class, 'ours']);
            Route::get('parcel-files/{parcelFile}/preview', [ParcelController::class, 'preview']);
        });
        Route::any('{any}', fn () => abort(404))->where('any', '.*');
    });

// What a client sees: every address is signed, and runs out. Only the page itself looks who asks: the studio's own looks don't count.
Route::prefix('shown/{page}')
    ->middleware(['signed:relative', SubstituteBindings::class])
    ->group(function (): void {
        Route::get('', [ViewedLineController::class, 'page'])
            ->middleware('web')
            ->name('shown');
        Route::get('prints', Answer::of('Shown', ViewedLineController::class, 'prints'))->name('shown.prints');
        Route::post('answers', Answer::of('Shown', ViewedLineController::class, 'answer'))
            ->middleware('throttle:60,1')
            ->name('shown.answers');
        Route::get('{line}/{hash}/{width}', [ViewedLineController::class, 'picture'])
            ->where(['hash' => '[0-9a-f]{64}', 'width' => '[0-9]{3,4}'])
            ->name('shown.picture');
        Route::any('{any}', fn () => abort(404))->where('any', '.*');
    });

// For what watches: whether it is there at all, and whether all that it needs answers; nothing more.
Route::get('up', fn () => response()->json(['isUp' => true], 200, ['Cache-Control' => 'no-store']));
Route::get('health', function (Health $health) {
    $services = $health->lately();

    return response()->json(['isWell' => ! in_array(false, $services, true)] + $services, in_array(false, $services, true) ? 503 : 200, [
        'Cache-Control' => 'no-store',
    ]);
});

// The page itself is the same for everybody and needs neither session nor database.
Route::view('{any?}', 'page')->where('any', '.*');
