<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\House\ShopRequest;
use App\Models\People\Person;
use Illuminate\Validation\Rule;

/** A calendar to subscribe to: one's own, or for the manager anybody's, a build's or the shop's. */
final class FeedRequest extends ShopRequest
{
    public function authorize(): bool
    {
        $by = $this->user();
        $isOwn = $this->input('what') === 'person' && (int) $this->input('person') === $by?->getAuthIdentifier();

        return $by instanceof Person && ($by->isManager() || $isOwn);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(['person', 'build', 'shop'])],
            'person' => [
                'required_if:what,person', 'nullable', 'integer', Rule::exists('people', 'id')->where('active', true),
            ],
            'build' => ['required_if:what,build', 'nullable', 'integer', Rule::exists('builds', 'number')],
        ];
    }
}
