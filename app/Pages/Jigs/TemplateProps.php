<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

use App\Pages\Page;
use App\Pages\Shop\Option;
use App\Pages\Worked\Drawing;

final readonly class TemplateProps extends Page
{
    public const COMPONENT = 'jigs/Template';

    /**
     * @param  list<string>  $facts
     * @param  Drawing|null  $drawing  with the line of the build that it is compared with
     * @param  string  $compared  with what, and by how much it is off; empty where it is compared with nothing
     * @param  list<ServesLine>  $fits  of the builds in the making
     * @param  list<string>  $since  builds on which it was used since its last check; only where it is damaged
     * @param  list<string>  $history  checks and uses, the latest first
     * @param  list<FileLine>  $files
     * @param  list<int>  $photographs
     * @param  list<Option>  $bits
     * @param  list<Option>  $builds
     */
    public function __construct(
        public int $id, public string $name, public string $headline, public bool $trouble, public bool $retired, public array $facts, public ?Drawing $drawing, public string $compared, public array $fits,
        public array $since, public array $history, public array $files, public array $photographs, public array $bits, public array $builds, public string $madeOf, public string $place, public string $bit, public int $version,
    ) {
    }
}
