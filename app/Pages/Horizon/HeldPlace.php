<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

/** What is quoted and not answered, where it would be built behind everything that is promised. */
final readonly class HeldPlace
{
    /**
     * @param  string  $from  when its first operation would begin, an instant
     * @param  string  $to  when its last would be over, an instant
     * @param  string  $promiseAt  the end of the day that is offered, an instant
     * @param  bool  $late  whether that day could not be kept any more
     */
    public function __construct(public int $id, public string $name, public string $about, public string $from, public string $to, public string $promiseAt, public bool $late, public string $words)
    {
    }
}
