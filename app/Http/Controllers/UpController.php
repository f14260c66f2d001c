<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Backups\ShopFile;
use App\Queries\House\RunningParts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * How the served shop is, for a monitor: 200 as long as it can be worked with, 503 otherwise. With `?all` what runs beside it counts too: without a
 * worker nothing better is looked for, without the clock no copy is made.
 */
final class UpController
{
    public function __invoke(Request $request, RunningParts $running): JsonResponse
    {
        $shop = self::shop();
        try {
            $beside = ['worker' => $running->worker()->warn ? 'missing' : 'ok', 'clock' => $running->byClock()->warn ? 'missing' : 'ok'];
        } catch (Throwable) {
            $beside = ['worker' => 'unknown', 'clock' => 'unknown'];
        }
        $isUp = $shop === 'ok' && (! $request->has('all') || array_unique([...$beside, $shop]) === ['ok']);

        return new JsonResponse(['shop' => $shop, ...$beside], $isUp ? 200 : 503);
    }

    private static function shop(): string
    {
        try {
            $made = DB::table('migrations')->pluck('migration')->all();

            return array_diff(ShopFile::known(), $made) === [] ? 'ok' : 'older than the program';
        } catch (Throwable) {
            return 'cannot be read';
        }
    }
}
