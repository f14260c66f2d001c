<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Page;

final readonly class HealthProps extends Page
{
    public const COMPONENT = 'house/Health';

    /**
     * @param  list<CopyLine>  $copies  the newest first
     * @param  string  $failed  why the last copy was not made; empty if it was
     * @param  string  $folder  as it was said; empty: beside the database
     * @param  list<DiskLine>  $disks
     * @param  list<RunningLine>  $running
     */
    public function __construct(
        public string $heading,
        public bool $warn,
        public string $failed,
        public array $copies,
        public string $folder,
        public string $inUse,
        public bool $isSealed,
        public int $version,
        public string $databaseSize,
        public array $disks,
        public array $running,
    ) {
    }
}
