<?php

declare(strict_types=1);

namespace App\Pages\Stores;

use App\Pages\Page;

/** Protected timber and shell, in stock and in instruments, and what papers are on file. */
final readonly class PapersProps extends Page
{
    public const COMPONENT = 'stores/Papers';

    /**
     * @param  list<PapersBoard>  $boards
     * @param  list<PapersBuild>  $builds
     */
    public function __construct(public string $headline, public array $boards, public array $builds)
    {
    }
}
