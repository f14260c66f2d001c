<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The arrows go one way: HTTP → Actions → Planning → core. */
final class ArchitectureTest
{
    public function test_the_core_knows_neither_framework_nor_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Regimen'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Inertia'),
                Selector::inNamespace('Carbon'),
            )
            ->because('the rules of the job are plain PHP and are tested on their own');
    }

    public function test_models_hold_no_rules(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Planning'),
                Selector::inNamespace('App\Queries'), Selector::inNamespace('App\Http'),
                Selector::inNamespace('Regimen\Schedule'),
            )
            ->excluding(
                Selector::classname('Regimen\Schedule\Problem\Promise'),
                Selector::classname('Regimen\Schedule\Problem\Announced'),
            )
            ->because(
                'a model is a record; what happens to it is an action, and what follows from it is computed in the '
                    .'core',
            );
    }

    public function test_only_the_bridge_plans(): Rule
    {
        return PHPat::rule()
            ->classes(
                Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Http'),
                Selector::inNamespace('App\Queries'),
            )
            ->shouldNotDependOn()
            ->classes(
                Selector::classname('Regimen\Schedule\Building\Builder'),
                Selector::classname('Regimen\Schedule\Problem\Problem'),
                Selector::classname('Regimen\Schedule\Problem\Activity'),
            )
            ->because('app/Planning is the only bridge to the planner');
    }

    public function test_the_bridge_and_the_actions_know_no_http(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Planning'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Http'), Selector::inNamespace('App\Queries'),
                Selector::inNamespace('Inertia'),
            )
            ->because('they serve commands and the demo shop as well as pages');
    }

    public function test_documents_are_drawn_from_the_core(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Documents'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Http'), Selector::inNamespace('App\Queries'),
                Selector::inNamespace('App\Actions'),
            )
            ->because('a page, a command or a test may ask for the same file');
    }

    public function test_the_bridge_starts_no_action(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Planning'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Actions'))
            ->because('actions call the bridge, never the other way');
    }

    public function test_what_a_page_gets_is_data(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Pages'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Planning'),
                Selector::inNamespace('App\Queries'), Selector::inNamespace('App\Http'),
                Selector::inNamespace('App\Support'), Selector::inNamespace('Illuminate\Database'),
            )
            ->because('queries fill it, and the type of the front end is written from it');
    }

    public function test_help_for_all_leans_on_nothing_above_it(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Support'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Planning'),
                Selector::inNamespace('App\Queries'), Selector::inNamespace('App\Http'),
            )
            ->because('everything may lean on it');
    }
}
