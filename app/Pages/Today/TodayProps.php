<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Pages\Page;

final readonly class TodayProps extends Page
{
    public const COMPONENT = 'today/Today';

    /**
     * @param  list<TodayPerson>  $people
     * @param  list<FreedFixture>  $free
     * @param  list<Arrival>  $arrives
     * @param  list<Decision>  $decide
     * @param  list<WrongNote>  $wrong  what somebody at the bench has said is wrong, and nobody has settled
     * @param  list<PromiseInDanger>  $promises
     * @param  list<BudgetInDanger>  $budgets  of the manager alone
     */
    public function __construct(
        public string $headline,
        public ?ToDo $todo,
        public string $day,
        public bool $isToday,
        public string $under,
        public array $people,
        public array $free,
        public array $arrives,
        public array $decide,
        public array $wrong,
        public array $promises,
        public array $budgets,
        public int $kept,
        public bool $empty,
    ) {
    }
}
