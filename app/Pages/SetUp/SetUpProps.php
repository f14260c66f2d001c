<?php

declare(strict_types=1);

namespace App\Pages\SetUp;

use App\Pages\Page;

final readonly class SetUpProps extends Page
{
    public const COMPONENT = 'bench/SetUp';

    /**
     * @param  bool  $settled  whether the strings have had their rest
     * @param  list<SetUpStepRows>  $steps
     * @param  list<TapLine>  $tap
     * @param  list<SetUpDone>  $latest
     * @param  ?int  $gate  the operation whose gate takes the figures over
     */
    public function __construct(
        public int $build,
        public string $title,
        public string $headline,
        public bool $settled,
        public array $steps,
        public ?FretPicture $frets,
        public int $fretCount,
        public array $tap,
        public array $latest,
        public ?int $gate,
        public string $caution,
    ) {
    }
}
