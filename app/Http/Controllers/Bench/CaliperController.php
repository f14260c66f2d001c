<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Devices\SimulatedCaliper;
use App\Http\Requests\Bench\CaliperRequest;
use App\Models\Build\Operation;
use App\Planning\Specification\AsMade;
use App\Support\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A caliper to try with: its unit and its zero are kept for as long as somebody is signed in. */
final class CaliperController
{
    private const KEY = 'caliper';

    public function press(Operation $operation, CaliperRequest $request, AsMade $asMade): JsonResponse
    {
        $line = $asMade->sheet($operation)->line($request->string('line')->toString());
        if ($line === null || $line->target->isSeen()) {
            throw Refused::because('Nothing is measured there.', 'line');
        }
        $caliper = self::kept($request);
        // Somewhat beside what is wanted, as work is: by the place, the same each time.
        $wanted = $line->target->wanted() ?? 28.0;
        $really = $wanted + 0.06 * (crc32("{$operation->id} {$line->target->key()} {$request->string('place')}") % 5 - 2);
        match ($request->string('key')->toString()) {
            'unit' => $caliper->changeUnit(),
            'zero' => $caliper->zero(0.0),
            default => null,
        };
        $reading = $caliper->read($request->string('key')->toString() === 'zero' ? 0.0 : $really);
        $request->session()->put(self::KEY, [$caliper->inInches, $caliper->zero, $caliper->readings]);

        return response()->json(['shown' => $reading->shown, 'unit' => $reading->unit, 'typed' => $reading->typed]);
    }

    private static function kept(Request $request): SimulatedCaliper
    {
        $kept = $request->session()->get(self::KEY);

        return is_array($kept) && count($kept) === 3 ? new SimulatedCaliper((bool) $kept[0], (float) $kept[1], (int) $kept[2]) : new SimulatedCaliper;
    }
}
