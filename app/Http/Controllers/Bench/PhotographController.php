<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\Photographs;
use App\Actions\Bench\WriteInstruction;
use App\Http\Requests\Bench\ForClientRequest;
use App\Http\Requests\Bench\InstructionRequest;
use App\Http\Requests\Bench\PhotographRequest;
use App\Models\Bench\Photograph;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Support\PhotographFiles;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Photographs, and how the house does an operation. */
final class PhotographController
{
    public function store(Operation $operation, PhotographRequest $request, Photographs $photographs): RedirectResponse
    {
        $setback = $request->filled('setback') ? Setback::query()->find($request->integer('setback')) : null;
        $photographs->take($request->person(), $operation, $request->photograph(), trim($request->string('caption')->toString()), $request->boolean('gate'), $setback);

        return back()->with('done', 'The photograph stands in the logbook.');
    }

    public function show(Photograph $photograph, PhotographFiles $files, #[CurrentUser] Person $viewer): Response
    {
        self::mustBeTheirs($photograph, $viewer);

        return self::image($files->read($photograph->sha256, false));
    }

    public function small(Photograph $photograph, PhotographFiles $files, #[CurrentUser] Person $viewer): Response
    {
        self::mustBeTheirs($photograph, $viewer);

        return self::image($files->read($photograph->sha256, true) ?? $files->read($photograph->sha256, false));
    }

    /** Whether the client is to see it. */
    public function update(Photograph $photograph, ForClientRequest $request, Photographs $photographs): RedirectResponse
    {
        $photographs->forClient($request->person(), $photograph, $request->version(), $request->boolean('client'));

        return back()->with('done', $request->boolean('client') ? 'Chosen for the client.' : 'Not for the client any more.');
    }

    /** What came with an enquiry is between the client and the manager. */
    private static function mustBeTheirs(Photograph $photograph, Person $viewer): void
    {
        $photograph->enquiry_id === null || $viewer->isManager() || abort(404);
    }

    private static function image(?string $bytes): Response
    {
        return $bytes === null ? abort(404) : response($bytes, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    public function instruct(Operation $operation, InstructionRequest $request, WriteInstruction $write): RedirectResponse
    {
        $write($request->person(), $operation, trim($request->string('text')->toString()), $request->integer('seen'), $request->photograph());

        return back()->with('done', 'That is how we do it.');
    }
}
