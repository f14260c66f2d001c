<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Paper;
use Illuminate\Http\Response;

/** A document as it is sent. */
final class Sheet
{
    /** The paper that an address names; anything else is not found. */
    public static function paper(string $named): Paper
    {
        return Paper::tryFrom($named) ?? abort(404);
    }

    public static function of(string $pdf, string $name): Response
    {
        return response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"{$name}.pdf\"",
        ]);
    }
}
