<?php

declare(strict_types=1);

namespace App\Pages\Gate;

use App\Pages\Page;
use App\Pages\Worked\Drawing;
use App\Pages\Worked\ShownFinding;

final readonly class GateProps extends Page
{
    public const COMPONENT = 'bench/Gate';

    /**
     * @param  bool  $open  whether something can be read here now
     * @param  string  $problem  why not; empty where it can
     * @param  list<GateMark>  $marks
     * @param  list<GateLine>  $lines
     * @param  list<OutsideLine>  $outside
     * @param  list<Changed>  $changed
     * @param  list<ShownFinding>  $new  what no longer fits
     * @param  list<string>  $pieces  that can be scrapped
     * @param  bool  $starts  whether nobody has begun the operation
     */
    public function __construct(
        public string $headline,
        public string $under,
        public int $operation,
        public int $version,
        public string $name,
        public int $build,
        public bool $open,
        public string $problem,
        public Drawing $drawing,
        public array $marks,
        public array $lines,
        public array $outside,
        public array $changed,
        public array $new,
        public array $pieces,
        public ?ReadChart $chart,
        public int $lastReading,
        public bool $canClose,
        public bool $manager,
        public bool $starts,
    ) {
    }
}
