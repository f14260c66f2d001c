<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

use App\Pages\Page;

final readonly class LetterProps extends Page
{
    public const COMPONENT = 'forecast/Letter';

    /**
     * @param  list<LetterPart>  $parts
     * @param  string  $mail  where it would go
     */
    public function __construct(public string $heading, public array $parts, public string $text, public string $mail)
    {
    }
}
