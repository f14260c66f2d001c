<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\Photographs;
use App\Actions\Bench\WriteInstruction;
use App\Http\Requests\Bench\InstructionRequest;
use App\Http\Requests\Bench\PhotographRequest;
use App\Models\Bench\Photograph;
use App\Models\Build\Operation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Photographs, and how the house does an operation. */
final class PhotographController
{
    public function store(Operation $operation, PhotographRequest $request, Photographs $photographs): RedirectResponse
    {
        $photographs->take($request->person(), $operation, $request->photograph(), trim($request->string('caption')->toString()));

        return back()->with('done', 'The photograph stands in the logbook.');
    }

    public function show(Photograph $photograph): Response
    {
        return response(base64_decode((string) DB::table('photograph_bytes')->where('photograph_id', $photograph->id)->value('jpeg')), 200, [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function instruct(Operation $operation, InstructionRequest $request, WriteInstruction $write): RedirectResponse
    {
        $write($request->person(), $operation, trim($request->string('text')->toString()), $request->integer('seen'), $request->photograph());

        return back()->with('done', 'That is how we do it.');
    }
}
