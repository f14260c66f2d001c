<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Commission\MovePromise;
use App\Actions\Money\PaymentPlans;
use App\Actions\Recording;
use App\Actions\Specification\ReleaseSpecification;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\SpecificationRevision;
use App\Models\Client\Approval;
use App\Models\Client\ChangeOrder;
use App\Models\Client\QuoteState;
use App\Models\People\Person;
use App\Planning\Clients\ChangeReckoning;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Units\Money;

/** A specification is approved in a revision; each difference after that is a change order, and only an accepted one changes the plan. */
final readonly class OrderChange
{
    public function __construct(private Recording $recording, private ChangeReckoning $reckoning, private ReleaseSpecification $release, private MovePromise $move, private PaymentPlans $payments, private Clock $clock)
    {
    }

    public function approve(Person $by, Build $build, int $revision, string $approved, string $how): void
    {
        $this->recording->keep(function () use ($by, $build, $revision, $approved, $how): void {
            self::mustBeOpen($build);
            $current = $build->specification()->first();
            if ($current === null || ! $current->isReleased()) {
                throw Refused::because('The specification is not released yet; release it first.', 'approved_by');
            }
            if ($current->number !== $revision) {
                throw Refused::because("Revision {$revision} is not the one that is built by; that is revision {$current->number}. Show them that one.", 'approved_by');
            }
            Refused::ifThere(Approval::query()->where('build_id', $build->id)->where('revision', $revision)->exists(), "Revision {$revision} is approved already.", 'approved_by');
            Approval::query()->create(['build_id' => $build->id, 'revision' => $revision, 'approved_by' => $approved, 'how' => $how, 'person_id' => $by->id, 'at' => $this->clock->now()]);
            $this->recording->log($build, $by, 'specification', "Revision {$revision} was approved by {$approved}, {$how}.");
        });
    }

    public function offer(Person $by, Build $build, int $version, string $what, Money $price, ?string $promisedOn): ChangeOrder
    {
        $draft = $this->draft($build, $version);
        // Tried outside of the lock: it plans the whole shop.
        $reckoned = $this->reckoning->of($build, $draft);
        if ($reckoned->impossible !== []) {
            throw Refused::because(implode(' ', $reckoned->impossible), 'what');
        }

        return $this->recording->keep(function () use ($by, $build, $draft, $version, $what, $price, $promisedOn, $reckoned): ChangeOrder {
            self::mustBeOpen($build);
            Refused::ifStale($draft->version, $version, "Revision {$draft->number}");
            $open = ChangeOrder::query()->where('build_id', $build->id)->where('state', QuoteState::Open->value)->first();
            if ($open !== null) {
                throw Refused::because("Change order {$open->number} is open: have it accepted, or withdraw it. Two at once would contradict each other.", 'what');
            }
            $number = (int) ChangeOrder::query()->where('build_id', $build->id)->max('number') + 1;
            $order = ChangeOrder::query()->create([
                'build_id' => $build->id, 'number' => $number, 'revision' => $draft->number, 'revision_version' => $draft->version, 'person_id' => $by->id, 'at' => $this->clock->now(), 'state' => QuoteState::Open,
                'what' => $what, 'to_do_minutes' => $reckoned->toDo, 'lost_minutes' => $reckoned->lost, 'material_minor' => $reckoned->material->minor, 'price_minor' => $price->minor, 'promised_on' => $promisedOn,
                'follows' => [...$reckoned->useless, ...$reckoned->others],
            ])->refresh();
            $this->recording->log($build, $by, 'change-order', "Change order {$number} is offered: {$what}, {$price}".($promisedOn === null ? '.' : ', then for '.Say::dayAndYear($promisedOn).'.'));

            return $order;
        });
    }

    public function withdraw(Person $by, ChangeOrder $order, int $version): void
    {
        $this->recording->keep(function () use ($by, $order, $version): void {
            self::mustBeUndecided($order, $version);
            $order->update(['state' => QuoteState::Withdrawn, 'decided_at' => $this->clock->now(), 'version' => $order->version + 1]);
            $this->recording->log($order->build, $by, 'change-order', "Change order {$order->number} is withdrawn.");
        });
    }

    /** Only now its revision is released, its price is added and its date promised. */
    public function accept(Person $by, ChangeOrder $order, int $version, string $accepted, string $how): void
    {
        $this->recording->keep(function () use ($by, $order, $version, $accepted, $how): void {
            self::mustBeUndecided($order, $version);
            $build = Build::query()->findOrFail($order->build_id);
            self::mustBeOpen($build);
            $draft = $this->draft($build, $order->revision_version);
            if ($draft->number !== $order->revision) {
                throw Refused::because("Change order {$order->number} is for revision {$order->revision}, which is not being written any more. Offer another one.");
            }
            $order->update(['state' => QuoteState::Accepted, 'accepted_by' => $accepted, 'accepted_how' => $how, 'decided_at' => $this->clock->now(), 'version' => $order->version + 1]);
            $this->recording->log($build, $by, 'change-order', "Change order {$order->number} was accepted by {$accepted}, {$how}.");
            ($this->release)($by, $build, $draft->version);
            Approval::query()->create(['build_id' => $build->id, 'revision' => $order->revision, 'approved_by' => $accepted, 'how' => "with change order {$order->number}", 'person_id' => $by->id, 'at' => $this->clock->now()]);
            $build->refresh();
            if ($build->price_minor !== null && $order->price_minor !== 0) {
                $build->update(['price_minor' => $build->price_minor + $order->price_minor, 'version' => $build->version + 1]);
                $this->payments->change($build, $order->price_minor, "change order {$order->number}");
            }
            if ($order->promised_on !== null && $order->promised_on !== $build->promised_on) {
                ($this->move)($by, $build, $build->refresh()->version, $order->promised_on, null, "change order {$order->number}");
            }
        });
    }

    private function draft(Build $build, int $version): SpecificationRevision
    {
        $draft = SpecificationRevision::query()->where('build_id', $build->id)->whereNull('released_at')->first();
        if ($draft === null || $draft->number === 1) {
            throw Refused::because('There is no revision in the making. Begin one on the specification’s page, and change what is to be different.', 'what');
        }
        Refused::ifStale($draft->version, $version, "Revision {$draft->number}");

        return $draft;
    }

    private static function mustBeOpen(Build $build): void
    {
        if ($build->status !== BuildStatus::Open) {
            throw Refused::because("{$build->name()} is not in the making any more.");
        }
    }

    private static function mustBeUndecided(ChangeOrder $order, int $version): void
    {
        if ($order->state !== QuoteState::Open) {
            throw Refused::because("Change order {$order->number} is ".($order->state === QuoteState::Accepted ? 'accepted' : 'withdrawn').' already. Nothing was changed.');
        }
        Refused::ifStale($order->version, $version, "Change order {$order->number}");
    }
}
