<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

/** What a change left behind: taking it back is overtaken when something else stands there by now. */
final readonly class Overtaken
{
    public function __construct(private ?string $left)
    {
    }

    public static function read(Body $body): ?self
    {
        return $body->has('was') ? new self($body->maybe('was')) : null;
    }

    public function by(?string $now): bool
    {
        return $now !== $this->left;
    }

    /** @return array{was: string|null} */
    public function body(): array
    {
        return ['was' => $this->left];
    }
}
