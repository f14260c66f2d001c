<?php

declare(strict_types=1);

namespace App\Pages\Shop;

use App\Pages\Page;

final readonly class SignInProps extends Page
{
    public const COMPONENT = 'shop/SignIn';

    /**
     * @param  list<DemoSignIn>  $demo
     */
    public function __construct(
        public array $demo,
    ) {
    }
}
