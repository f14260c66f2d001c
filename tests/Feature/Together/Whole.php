<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Illuminate\Http\UploadedFile;

/** A request with all that its page sends. */
final readonly class Whole
{
    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, UploadedFile>  $files
     * @param  int  $by  the person’s id; 0 for a guest
     * @param  string  $fails  a part of what is said where it cannot be done in this shop; empty where it can
     */
    public function __construct(
        public string $path,
        public array $input,
        public array $files = [],
        public int $by = 1,
        public bool $writes = true,
        public string $fails = '',
    ) {
    }
}
