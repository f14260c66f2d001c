<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

/** A picture that came with an enquiry. */
final readonly class PictureLine
{
    public function __construct(public int $id, public int $width, public int $height, public string $caption)
    {
    }
}
