<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ShopServer;
use Tests\Browser\Support\Visitor;

/** A specification is written, judged, fixed, released, revised and taken to the bench. */
final class SpecificationJourneyTest extends BrowserTestCase
{
    private function manager(): Visitor
    {
        $me = $this->visit(ShopServer::demo());
        $me->signIn();

        return $me;
    }

    public function test_from_a_house_model_over_a_stop_and_its_fix_to_the_bench(): void
    {
        $me = $this->manager();
        $me->open('/commissions/new');
        $me->choose('Begin from', 'Short carved-look');
        $me->waitForText('six-string, solid, bigleaf maple and true mahogany', 'aside');
        $me->type('Client', 'Rosalind Ferrow');
        $me->type('Price, EUR', '6400');
        $me->setDate('Promise date', '2026-08-31');
        $me->press('Take the commission');
        $me->waitForPath('/builds/42');
        $me->press('Specify it');
        $me->waitForPath('/builds/42/specification');
        self::assertSame('○', trim($me->text('[data-field=scale] span[aria-hidden]')), 'the scale is the house’s');

        $me->press('Joint', '.groups');
        $me->type('Neck angle', '2°');
        $me->waitFor('[data-finding=bridge-range].stop');
        $me->until(
            fn (): bool => str_contains($me->text('[data-figure=standing]'), '1 stop'),
            'one stop in the heading',
        );
        $me->press('Release to the bench');
        $me->waitForText('It cannot be released: bridge beyond its travel.');
        $before = $me->text('[data-finding=bridge-range]');
        self::assertStringContainsString('Saddles would stand at', $before);
        $me->press('deeper', '[data-finding=bridge-range]');
        $me->until(
            fn (): bool => ! str_contains($me->text('.findings'), 'Bridge beyond its travel'),
            'the finding to go',
        );
        $me->press('Release to the bench');
        $me->waitForText('Released to the bench.');
        self::assertStringContainsString('released Wed 18 Mar', $me->text('.head'));
        self::assertStringNotContainsString('Save', $me->text('.head'), 'it is not edited any more');
    }

    public function test_what_is_wrong_is_said_and_the_drawing_stays(): void
    {
        $me = $this->manager();
        $me->open('/builds/41/specification');
        $me->waitFor('[data-view=front] svg');
        foreach (['-25', '25 inches and a bit', '99999'] as $wrong) {
            $me->type('Scale', $wrong);
            $me->waitFor('[data-field=scale] input[aria-invalid=true]');
            $me->waitForText('stand for what could last be built', '.findings');
            self::assertStringNotContainsString('NaN', $me->text());
            $me->waitFor('[data-view=front] svg');
        }
        $me->type('Scale', '25 1/2"');
        $me->until(
            fn (): bool => str_contains($me->text('[data-view=front]'), '647.7'), 'the drawing of the new scale',
        );
        $me->press('Accept with a reason', '[data-finding=bridge-range]');
        $me->type('Accepted, because', 'A bridge with longer posts is ordered.', '[data-finding=bridge-range]');
        $me->press('Accept', '[data-finding=bridge-range]');
        $me->waitForText(
            'Accepted by Ines Varga: A bridge with longer posts is ordered.', '[data-finding=bridge-range]',
        );
        $me->press('Tables');
        self::assertStringContainsString('323.85', $me->text('[data-table=frets]'));
        $me->press('Neck', '.groups');
        $me->press('Left under the rod, first', '.fields');
        $me->waitForText('G10: common practice', '.fields');
    }

    public function test_a_second_revision_is_begun_and_what_follows_is_read(): void
    {
        $me = $this->manager();
        $me->open('/builds/40/specification');
        $me->press('Begin revision 2');
        $me->waitForText('Revision 2 is begun');
        $me->press('Finish', '.groups');
        $me->choose('Finish', 'shellac, French polish', '.fields');
        $me->press('Scale and board', '.groups');
        $me->type('Frets', '21', '.fields');
        $me->press('Save');
        $me->waitForText('Specification saved.');
        $me->press('What changed');
        $me->waitForPath('/builds/40/revisions');
        self::assertStringContainsString('shellac, French polish', $me->text('#values'));
        self::assertMatchesRegularExpression('/Planned finish if it is released: .+/', $me->text('#follows'));
        self::assertStringContainsString('coat 8 on the body, then cure', $me->text('[data-list=Operations]'));
        self::assertStringContainsString('shellac, spirit, oil, wadding', $me->text('[data-list="Timber and parts"]'));
        self::assertStringContainsString('no longer needed', $me->text('[data-list="Timber and parts"]'));
    }

    public function test_an_arrived_part_is_measured_and_the_finding_seen(): void
    {
        $me = $this->manager();
        $me->open('/builds/37#measured');
        $me->choose('Part', 'neck, made here', '#measured');
        $drawn = (float) preg_replace('/.*?drawn ([\d.]+) mm.*/s', '$1', $me->text('#measured form'));
        $me->type('Measured', number_format($drawn + 0.6, 2, '.', ''), '#measured');
        $me->press('Record', '#measured');
        $me->waitForText('Pocket 0.6 mm too narrow for this neck', '#measured');
        $me->type('Measured', number_format($drawn, 2, '.', ''), '#measured');
        $me->press('Record', '#measured');
        $me->waitForText('What was measured changes nothing in the findings.', '#measured');
        self::assertStringContainsString('measured again since', $me->text('#measured table'));
    }

    public function test_the_template_is_downloaded(): void
    {
        $me = $this->manager();
        $me->open('/builds/37/specification');
        $me->press('Files');
        $fetch = static fn (string $name): string => (string) $me->driver->executeAsyncScript(
            'const done = arguments[1]; const link = document.querySelector(`a[download][href$="${arguments[0]}"]`); '
                .'fetch(link.href).then(async (answer) => done(answer.headers.get("content-disposition") + " " + '
                    .'(await '
                    .'answer.text()).slice(0, 4000)));',
            [$name],
        );
        self::assertStringContainsString('attachment; filename="37-r1-fretboard.svg"', $fetch('/fretboard.svg'));
        self::assertStringContainsString('AC1009', $fetch('/fretboard.dxf'));
        self::assertStringContainsString('%PDF-', $fetch('/fretboard-a4.pdf'));
    }

    public function test_a_house_model_is_mirrored_and_kept(): void
    {
        $me = $this->manager();
        $me->press('House', 'nav');
        $me->press('House models', 'main');
        $me->waitForPath('/house/models');
        $me->press('Mirror for the other hand', '[data-model="Bench six-string"]');
        $me->waitForPath('/house/models/new');
        self::assertSame('Bench six-string, left-handed', $me->field('Name')->getAttribute('value'));
        $me->press('Keep the model');
        $me->waitForText('House model saved.');
        $me->open('/house/models');
        self::assertStringContainsString(
            'left-handed six-string', $me->text('[data-model="Bench six-string, left-handed"]'),
        );
    }
}
