<?php

declare(strict_types=1);

namespace App\Actions\TakingIn;

use App\Actions\Specification\ReleaseSpecification;
use App\Models\Build\Build;
use App\Models\People\Person;
use Illuminate\Validation\ValidationException;

/** What is past the first cut is built by its specification, if that can be released; if not, what is in the way is said. */
final readonly class ReleaseAsItStands
{
    public function __construct(private ReleaseSpecification $release)
    {
    }

    /** @return string why it is not released; empty if it is */
    public function release(Person $by, Build $build): string
    {
        $draft = $build->draft()->first();
        if ($draft === null) {
            return '';
        }
        try {
            ($this->release)($by, $build, $draft->version);
        } catch (ValidationException $stopped) {
            return $stopped->getMessage();
        }

        return '';
    }
}
