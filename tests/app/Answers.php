<?php

declare(strict_types=1);

namespace Tests\app;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** Holds every answer of the API that is no error against its shape in core/OrderFile/answers.schema.json. */
final class Answers
{
    private const SCHEMAS = __DIR__.'/../../core/OrderFile';

    private const ID = 'https://planisher.example/answers.schema.json';

    /** The shape of what an address answers, by the method; the first that fits. */
    private const SHAPES = [
        'GET me' => 'Me',
        'POST sign-in' => 'Me',
        'POST first' => 'Me',
        'GET studio' => 'Studio',
        'PATCH studio' => 'Studio',
        'POST people' => 'PasswordLink',
        'POST people/#/link' => 'PasswordLink',
        'GET pictures-folder' => 'FolderPage',
        'POST orders/#/pictures-folder' => 'Taken',
        'PATCH orders/#' => 'HeadOfOrder',
        'POST orders/#/tried' => 'LineChanges',
        'POST orders/#/copy' => 'Created',
        'POST orders/#/put-away' => 'HeadOfOrder',
        'POST orders/#/bring-back' => 'HeadOfOrder',
        'POST orders/#/restore' => 'HeadOfOrder',
        'GET orders/#/history' => 'OrderHistory',
        'POST orders/import' => 'Created',
        'PUT lines/#/remark' => 'LineView',
        'POST labs' => 'Created',
        'POST labs/read' => 'LabRead',
        'POST labs/tried' => 'LabTried',
        'POST labs/import' => 'Created',
        'GET labs/#' => 'LabPage',
        'PUT labs/#' => 'LabPage',
        'POST labs/#/copy' => 'Created',
        'PUT labs/#/service' => 'LabPage',
        'GET orders/#/parcels' => 'Parcels',
        'POST orders/#/parcels' => 'ParcelPacked',
        'POST orders/#/reprints' => 'Making',
        'POST lines/#/reprint' => 'Created',
        'POST lines/#/test-strip' => 'Created',
        'GET orders' => 'Orders',
        'POST orders' => 'Created',
        'GET new-order' => 'NewOrderChoices',
        'GET orders/#' => 'OrderSheet',
        'POST orders/#/pictures' => 'Taken',
        'GET orders/#/incoming/*' => 'Incoming',
        'GET pictures/*/looked' => 'Hints',
        'PUT pictures/*/must-stay-in' => 'Areas',
        'GET house-finishes' => 'HouseFinishes',
        'POST house-finishes' => 'HouseFinish',
        'PATCH house-finishes/#' => 'HouseFinish',
        'POST orders/#/house-finishes/#' => 'Given',
        'GET lines/#/choices' => 'Choices',
        'POST orders/#/list/read' => 'ListRead',
        'POST orders/#/list/file' => 'ListText',
        'GET own-words' => 'OwnWords',
        'POST own-words' => 'OwnWord',
        'PATCH own-words/#' => 'OwnWord',
        'GET orders/#/last-time' => 'LastTime',
        'POST orders/#/names/tried' => 'NamesTried',
        'PUT orders/#/names' => 'LinesNamed',
        'POST orders/#/list' => 'LinesMade',
        'POST orders/#/pass' => 'LinesPassed',
        'POST orders/#/wishes' => 'WishesDone',
        'POST lines/#/wish' => 'WishTried',
        'POST orders/#/lines' => 'LineView',
        'PATCH lines/#' => 'LineView',
        'PUT lines/#' => 'LineView',
        'POST lines/#/restore' => 'LineView',
        'POST lines/#/pass' => 'LineView',
        'POST lines/#/hold' => 'LineView',
        'GET lines/#/seen/*' => 'OnPaper',
        'GET lines/#/histogram/*' => 'Histograms',
        'GET lines/#/weight/*' => 'Note',
        'POST orders/#/sheets' => 'SheetMade',
        'POST orders/#/sheets/tried' => 'SheetsTried',
        'GET sheets/ready' => 'ReadyWays',
        'POST orders/#/house-finishes/#/fill' => 'LinesMade',
        'POST lines/#/apart' => 'LinesMade',
        'GET marks' => 'StudioMarks',
        'POST marks' => 'StudioMark',
        'GET orders/#/client-pages' => 'ClientPages',
        'POST orders/#/client-pages' => 'ClientPage',
        'POST client-pages/#/revoke' => 'ClientPage',
        'POST orders/#/screen-copies' => 'Making',
        'GET labs' => 'Labs',
        'POST labs/#/profiles' => 'ProfileTaken',
        'GET orders/#/make' => 'Makes',
        'POST orders/#/make' => 'Making',
        'POST files/#/again' => 'Created',
    ];

    private static ?Validator $validator = null;

    public static function check(string $method, string $uri, TestResponse $answer): void
    {
        $path = (string) parse_url($uri, PHP_URL_PATH);
        $isJson = str_starts_with((string) $answer->headers->get('Content-Type'), 'application/json');
        $isShown = preg_match('~/shown/\d+/~', $path) === 1;
        $isFile = $answer->headers->has('Content-Disposition');
        if ($isFile || (! str_contains($path, '/api/') && ! $isShown) || ! $isJson || ! $answer->isSuccessful()) {
            return;
        }
        $asked = $method.' '.($isShown ? $path : explode('/api/', $path, 2)[1]);
        $shape = $isShown ? 'Shown' : ($answer->getStatusCode() === 202 ? 'Reading' : self::shape($asked));
        Assert::assertNotNull($shape, "{$asked} has no shape");
        $result = self::validator()->validate(json_decode((string) $answer->getContent()), self::ID."#/\$defs/{$shape}");
        $error = $result->error();
        Assert::assertNull(
            $error,
            "{$asked} is no {$shape}: ".($error === null ? '' : json_encode((new ErrorFormatter())->format($error))),
        );
    }

    private static function shape(string $asked): ?string
    {
        foreach (self::SHAPES as $pattern => $shape) {
            if (preg_match('~^'.strtr(preg_quote($pattern, '~'), ['\#' => '\d+', '\*' => '[0-9a-f]+']).'$~', $asked) === 1) {
                return $shape;
            }
        }

        return null;
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->setMaxErrors(3);
            $known = self::$validator->resolver() ?? throw new \LogicException('It finds schemas by a resolver.');
            $known->registerFile(self::ID, self::SCHEMAS.'/answers.schema.json');
            $known->registerFile('https://planisher.example/order.schema.json', self::SCHEMAS.'/order.schema.json');
        }

        return self::$validator;
    }
}
