<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\SendPresses;
use App\Actions\Bench\Tablets;
use App\Http\Requests\Bench\CodeRequest;
use App\Http\Requests\Bench\PressesRequest;
use App\Support\Audit;
use Illuminate\Http\JsonResponse;

/** What was pressed without a network, sent later. */
final class PressController
{
    public function send(PressesRequest $request, SendPresses $send): JsonResponse
    {
        return response()->json(['results' => $send($request->person(), PressesRequest::read($request->array('presses'), (array) $request->file('photographs', [])))]);
    }

    /** From a shared tablet: what stands under a name is sent with that person's code. */
    public function sendWithCode(CodeRequest $request, Tablets $tablets, Audit $audit, SendPresses $send): JsonResponse
    {
        $person = $request->known($tablets, $audit);

        return response()->json(['results' => $send($person, PressesRequest::read($request->array('presses'), (array) $request->file('photographs', [])))]);
    }
}
