<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\House\ShopRequest;
use App\Pages\Logbook\LogbookAsked;
use Regimen\Units\DayText;
use Regimen\Units\InvalidQuantity;

/** Which entries of the logbook are wanted. What cannot be read is not looked for, and said. */
final class LogbookRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    public function asked(): LogbookAsked
    {
        $number = fn (string $key): string => preg_match('/^\d{1,9}$/', $this->string($key)->toString()) === 1 ? $this->string($key)->toString() : '';
        $day = trim($this->string('day')->toString());
        $problem = '';
        try {
            $day = $day === '' ? '' : DayText::parse($day, new \DateTimeImmutable($this->clock()->today($this->house()->zone())), past: true)->format('Y-m-d');
        } catch (InvalidQuantity $wrong) {
            [$day, $problem] = ['', $wrong->getMessage()];
        }

        return new LogbookAsked(
            mb_substr(trim($this->string('words')->toString()), 0, 200), $day, $number('person'),
            preg_match('/^[a-z-]{1,30}$/', $this->string('kind')->toString()) === 1 ? $this->string('kind')->toString() : '', $number('build'), $problem,
        );
    }

    public function before(): ?int
    {
        return preg_match('/^\d{1,9}$/', $this->string('before')->toString()) === 1 ? $this->integer('before') : null;
    }
}
