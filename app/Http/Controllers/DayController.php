<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskRequest;
use App\Planning\House\House;
use App\Rules\Moment;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Http\JsonResponse;
use Regimen\Units\DayText;
use Regimen\Units\InvalidQuantity;

/** Which day, or which day and time, is meant by what was typed, while it is being typed. */
final class DayController
{
    public function read(AskRequest $request, House $house, Clock $clock): JsonResponse
    {
        $typed = $request->string('typed')->toString();
        try {
            if ($request->boolean('timed')) {
                $moment = (new Moment($clock, $house->zone()))->at($typed);

                return response()->json([
                    'day' => $moment->format(Moment::KEPT),
                    'words' => Say::dayAndYear($moment->format('Y-m-d')).$moment->format(' H:i'),
                ]);
            }
            $day = DayText::parse(
                $typed, new \DateTimeImmutable($clock->today($house->zone())), $request->boolean('past'),
            )->format('Y-m-d');
        } catch (InvalidQuantity $wrong) {
            return response()->json(['day' => null, 'words' => $wrong->getMessage()]);
        }

        return response()->json(['day' => $day, 'words' => Say::dayAndYear($day)]);
    }
}
