<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\Commission\TakeCommission;
use App\Actions\House\KeepVersion;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteSync;
use App\Support\Logbook;
use App\Support\Refused;

/** The kinds of changes there are, by the word that describes them. */
final readonly class Changes
{
    /** What is asked for on the plan's pages; days of the shop and better plans have pages of their own. */
    public const KINDS = [
        'pin', 'away', 'longer', 'down', 'part', 'promise', 'hold', 'push', 'more', 'skill', 'build', 'method', 'rows',
    ];

    public function __construct(
        private House $house,
        private Drafting $drafting,
        private Routes $routes,
        private RouteSync $sync,
        private TakeCommission $takeCommission,
        private KeepVersion $keepVersion,
        private Logbook $logbook,
    ) {
    }

    /** @param  array<string, mixed>  $body */
    public function of(array $body): Change
    {
        $values = new Body($body);

        return match ($values->text('kind')) {
            'pin' => new PinOperation($values, $this->house),
            'away' => new BeAway($values, $this->house),
            'longer' => new WorkLonger($values),
            'down' => new BeDown($values, $this->house),
            'part' => new ExpectPart($values),
            'promise' => new GivePromise($values),
            'hold' => new PutOnHold($values),
            'push' => new PushBuild($values),
            'more' => new OwnMore($values, $this->keepVersion),
            'skill' => new LearnSkill($values),
            'build' => new TakeBuild($values, $this->takeCommission),
            'method' => new UseMethod(
                $values, $this->house, $this->routes, $this->drafting, $this->sync, $this->logbook,
            ),
            'rows' => new ChangeRows($values),
            'close' => new CloseShop($values),
            'order' => new PlanInOrder($values),
            default => throw Refused::because('There is no such kind of change.', 'kind'),
        };
    }
}
