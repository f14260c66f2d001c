<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

/** What a client's specification looks like when it comes in: only what was typed, by field. */
trait TypedSpecification
{
    /** @return array<string, mixed> without what was left empty */
    public function typed(string $under = 'specification'): array
    {
        $typed = [];
        foreach ((array) $this->input($under, []) as $field => $value) {
            if ($value !== null && $value !== '') {
                $typed[(string) $field] = $value;
            }
        }

        return $typed;
    }

    public function model(): ?int
    {
        return $this->filled('model_id') && is_numeric($this->input('model_id')) ? $this->integer('model_id') : null;
    }
}
