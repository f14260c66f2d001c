<?php

declare(strict_types=1);

namespace App\Http\Requests\Route;

use App\Http\Requests\ManagerRequest;
use App\Models\House\OperationStandard;
use Illuminate\Validation\Validator;
use Regimen\Route\Methods\Question;

/** How something is done: an answer to a question, or a tool for an operation. */
final class MethodRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'key' => ['required', 'string', 'max:80'],
            'answer' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $key = $this->string('key')->toString();
            $answer = $this->string('answer')->toString();
            $known = str_starts_with($key, 'tool:')
                ? OperationStandard::query()->where('key', substr($key, 5))->where('tool', $answer)->exists()
                : Question::tryFrom($key)?->choice($answer) !== null;
            if (! $known) {
                $validator->errors()->add('method', 'The house knows no such way. Choose one that is offered.');
            }
        }];
    }

    /** @return array<string, string> */
    public function answers(): array
    {
        return [$this->string('key')->toString() => $this->string('answer')->toString()];
    }
}
