<?php

declare(strict_types=1);

namespace App\Pages;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/** What a page gets: its properties are the page's, and the type that the page has for them is generated from it. */
abstract readonly class Page implements Responsable
{
    /** The page's component in resources/js/pages. */
    public const COMPONENT = '';

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        return Inertia::render(static::COMPONENT, array_map(
            static fn (mixed $one): mixed => match (true) {
                $one instanceof Later => $one->deferred(),
                is_array($one) => new AsIs($one),
                default => $one,
            },
            get_object_vars($this),
        ))->toResponse($request);
    }
}
