<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\House\ShopRequest;
use App\Models\People\Person;

/** What only the manager may ask for. */
abstract class ManagerRequest extends ShopRequest
{
    public function authorize(): bool
    {
        $person = $this->user();

        return $person instanceof Person && $person->isManager();
    }
}
