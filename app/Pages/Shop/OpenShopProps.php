<?php

declare(strict_types=1);

namespace App\Pages\Shop;

use App\Pages\Page;

final readonly class OpenShopProps extends Page
{
    public const COMPONENT = 'shop/OpenShop';
}
