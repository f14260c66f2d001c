<?php

declare(strict_types=1);

namespace App\Pages;

use Closure;
use Illuminate\Http\Request;
use Inertia\DeferProp;
use Inertia\Inertia;
use Inertia\Response;

/**
 * What takes longer than its page, and follows it in a request of its own.
 *
 * @template-covariant T
 */
final readonly class Later
{
    /** @param  Closure(): T  $make */
    public function __construct(private Closure $make)
    {
    }

    /**
     * It by itself, where nothing else is asked for: the page that it belongs to is there already.
     *
     * @param  string  $page  the page’s component
     * @param  Closure(): mixed  $make
     */
    public static function alone(Request $request, string $page, string $name, Closure $make): ?Response
    {
        $isAsked = $request->header('X-Inertia-Partial-Component') === $page && $request->header('X-Inertia-Partial-Data') === $name;

        return $isAsked ? Inertia::render($page, [$name => Inertia::defer($make)]) : null;
    }

    public function deferred(): DeferProp
    {
        return Inertia::defer($this->make);
    }
}
