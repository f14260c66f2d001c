<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Page;

final readonly class ClientsProps extends Page
{
    public const COMPONENT = 'clients/Clients';

    /**
     * @param  list<ClientLine>  $clients
     * @param  bool  $more  whether there are more than are shown
     * @param  list<AlikeLine>  $alike
     */
    public function __construct(public string $headline, public string $find, public array $clients, public bool $more, public array $alike)
    {
    }
}
