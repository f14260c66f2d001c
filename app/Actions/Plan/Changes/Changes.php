<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\Plan\Changes\Kinds\BeAway;
use App\Actions\Plan\Changes\Kinds\BeDown;
use App\Actions\Plan\Changes\Kinds\ChangeRows;
use App\Actions\Plan\Changes\Kinds\CloseShop;
use App\Actions\Plan\Changes\Kinds\ExpectPart;
use App\Actions\Plan\Changes\Kinds\GivePromise;
use App\Actions\Plan\Changes\Kinds\LearnSkill;
use App\Actions\Plan\Changes\Kinds\OwnMore;
use App\Actions\Plan\Changes\Kinds\PinOperation;
use App\Actions\Plan\Changes\Kinds\PlanInOrder;
use App\Actions\Plan\Changes\Kinds\PushBuild;
use App\Actions\Plan\Changes\Kinds\PutOnHold;
use App\Actions\Plan\Changes\Kinds\SwapParts;
use App\Actions\Plan\Changes\Kinds\SwapPieces;
use App\Actions\Plan\Changes\Kinds\TakeBuild;
use App\Actions\Plan\Changes\Kinds\TakePiece;
use App\Actions\Plan\Changes\Kinds\UseMethod;
use App\Actions\Plan\Changes\Kinds\UseRemedy;
use App\Actions\Plan\Changes\Kinds\WorkLonger;
use App\Support\Refused;

/** The kinds of changes there are. */
final readonly class Changes
{
    private const ALL = [
        PinOperation::class, BeAway::class, WorkLonger::class, BeDown::class, ExpectPart::class, GivePromise::class,
        PutOnHold::class, PushBuild::class, TakeBuild::class, OwnMore::class, LearnSkill::class, UseMethod::class,
        ChangeRows::class, CloseShop::class, PlanInOrder::class, UseRemedy::class, SwapPieces::class, TakePiece::class,
        SwapParts::class,
    ];

    public function __construct(private Tools $tools)
    {
    }

    /** @param  array<string, mixed>  $body  as it is kept, or asked for and validated */
    public function of(array $body): Change
    {
        $values = new Body($body);
        foreach (self::ALL as $class) {
            if ($class::kind() === $values->text('kind')) {
                return $class::read($values, $this->tools);
            }
        }
        throw Refused::because('There is no such kind of change.', 'kind');
    }

    /**
     * @param  list<array<string, mixed>>  $bodies
     * @return list<Change>
     */
    public function all(array $bodies): array
    {
        return array_map($this->of(...), $bodies);
    }

    /** @return array<string, class-string<AskedFor>> what can be asked for on a page, by kind */
    public static function asked(): array
    {
        $asked = [];
        foreach (self::ALL as $class) {
            if (is_subclass_of($class, AskedFor::class)) {
                $asked[$class::kind()] = $class;
            }
        }

        return $asked;
    }
}
