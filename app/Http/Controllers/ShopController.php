<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\House\OpenShop;
use App\Http\Middleware\SignInCounts;
use App\Http\Requests\House\OpenShopRequest;
use App\Models\People\Person;
use App\Pages\Page;
use App\Pages\Shop\OpenShopProps;
use App\Queries\Shop\FirstStepsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

/** Opens an empty shop with its first manager. */
final class ShopController
{
    public function create(): Page|RedirectResponse
    {
        return Person::query()->exists() ? redirect()->route('sign-in') : new OpenShopProps;
    }

    public function firstSteps(FirstStepsPage $page): Page
    {
        return $page->data();
    }

    public function store(OpenShopRequest $request, OpenShop $openShop): RedirectResponse
    {
        $manager = $openShop(
            trim($request->string('shop')->toString()),
            $request->string('currency')->toString(),
            $request->string('timezone')->toString(),
            trim($request->string('name')->toString()),
            mb_strtolower($request->string('email')->toString()),
            $request->string('password')->toString(),
        );
        Auth::login($manager);
        $request->session()->regenerate();
        SignInCounts::begin($request, $manager);

        return redirect()->route('today');
    }
}
