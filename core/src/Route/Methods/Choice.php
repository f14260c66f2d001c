<?php

declare(strict_types=1);

namespace Regimen\Route\Methods;

/** One answer to a question on which makers disagree. */
final readonly class Choice
{
    /**
     * @param  string  $words  how it is done
     * @param  string  $follows  what it wins and what it risks
     */
    public function __construct(public string $key, public string $words, public string $follows)
    {
    }
}
