<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Page;
use App\Pages\Trying\ChangeForm;

final readonly class CalendarProps extends Page
{
    public const COMPONENT = 'plan/Calendar';

    /**
     * @param  list<CalendarDay>  $days
     * @param  list<CalendarPerson>  $people
     * @param  list<Removable>  $outages
     * @param  list<string>  $open  stations and fixtures with hours of their own, in words
     * @param  list<ClosedDayLine>  $closed
     * @param  list<ChangeForm>  $forms
     */
    public function __construct(
        public string $heading,
        public string $today,
        public array $days,
        public array $people,
        public array $outages,
        public array $open,
        public array $closed,
        public array $forms,
    ) {
    }
}
