<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Page;

final readonly class ClientProps extends Page
{
    public const COMPONENT = 'clients/Client';

    /**
     * @param  array<string, string>  $said  by field
     * @param  string|null  $forgotten  that they were deleted, and what stays; null for whom the shop knows
     * @param  list<ClientBuild>  $builds
     * @param  list<TalkLine>  $talks  the latest first
     * @param  string  $deleting  what deleting would do, or why it cannot be
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $headline,
        public array $said,
        public ?string $forgotten,
        public array $builds,
        public array $talks,
        public string $deleting,
        public bool $canDelete,
    ) {
    }
}
