<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Actions\Parts\KeepSupplier;
use App\Http\Requests\Parts\SupplierRequest;
use App\Models\Parts\Supplier;
use App\Pages\Page;
use App\Queries\Parts\SuppliersPage;
use Illuminate\Http\RedirectResponse;

/** Who sells to the shop. */
final class SupplierController
{
    public function index(SuppliersPage $page): Page
    {
        return $page->data();
    }

    public function store(SupplierRequest $request, KeepSupplier $keep): RedirectResponse
    {
        $supplier = $keep($request->person(), null, 0, $request->said());

        return back()->with('done', "“{$supplier->name}” is a supplier.");
    }

    public function change(Supplier $supplier, SupplierRequest $request, KeepSupplier $keep): RedirectResponse
    {
        $keep($request->person(), $supplier, $request->version(), $request->said());

        return back()->with('done', 'Written down.');
    }
}
