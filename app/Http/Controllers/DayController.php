<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskRequest;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Http\JsonResponse;
use Regimen\Units\DayText;
use Regimen\Units\InvalidQuantity;

/** Which day is meant by what was typed, while it is being typed. */
final class DayController
{
    public function read(AskRequest $request, House $house, Clock $clock): JsonResponse
    {
        try {
            $day = DayText::parse(
                $request->string('typed')->toString(), new \DateTimeImmutable($clock->today($house->zone())),
                $request->boolean('past'),
            )->format('Y-m-d');
        } catch (InvalidQuantity $wrong) {
            return response()->json(['day' => null, 'words' => $wrong->getMessage()]);
        }

        return response()->json(['day' => $day, 'words' => Say::dayAndYear($day)]);
    }
}
