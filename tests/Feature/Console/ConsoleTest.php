<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Regimen\Route\Operations\JointOperation;

/** The entry script and the commands behind it, on databases of their own. */
final class ConsoleTest extends FrameworkTestCase
{
    use EntryScript;

    public function test_a_backup_is_restored_and_the_present_shop_is_kept_beside_it(): void
    {
        $this->sql("INSERT INTO clients (name) VALUES ('before')");
        $copy = "{$this->folder}/copy.sqlite";
        $this->assertSame(0, $this->artisan('regimen:backup', $copy)->getExitCode());
        $again = $this->artisan('regimen:backup', $copy);
        $this->assertSame(1, $again->getExitCode());
        $this->assertStringContainsString('nothing was overwritten', $again->getOutput());

        $this->sql("UPDATE clients SET name = 'after'");
        $this->assertSame(0, $this->artisan('regimen:restore', $copy)->getExitCode());
        $this->assertSame('before', $this->sql('SELECT name FROM clients'));
        $kept = glob("{$this->folder}/shop.sqlite.before-*") ?: [];
        $this->assertCount(1, $kept);
        $this->assertSame('after', (new \PDO("sqlite:{$kept[0]}"))->query('SELECT name FROM clients')->fetchColumn());
    }

    public function test_what_is_no_shop_is_not_restored(): void
    {
        $this->sql("INSERT INTO clients (name) VALUES ('mine')");
        file_put_contents("{$this->folder}/letter.txt", 'Dear maker');
        $refused = $this->artisan('regimen:restore', "{$this->folder}/letter.txt");
        $this->assertSame(1, $refused->getExitCode());
        $this->assertStringContainsString('Nothing was changed', $refused->getOutput());
        $this->assertSame('mine', $this->sql('SELECT name FROM clients'));
    }

    public function test_the_entry_script_says_what_there_is_and_what_is_wrong(): void
    {
        $this->assertStringContainsString('./regimen demo', $this->script()->getOutput());
        foreach ([
            ['fly', 'is not one of these'], ['demo --port abc', 'takes a number'],
            ['demo --port 99999', 'takes a number'], ['demo --soft', 'is no option here'],
            ['start --fresh', 'never emptied'], ['restore /none', 'Name a file'],
        ] as [$words, $says]) {
            $refused = $this->script(...explode(' ', $words));
            $this->assertSame(1, $refused->getExitCode(), $words);
            $this->assertStringContainsString($says, $refused->getErrorOutput(), $words);
        }
    }

    public function test_a_specification_is_computed_by_the_entry_script_and_nothing_else_is_printed(): void
    {
        $file = "{$this->folder}/specification.json";
        file_put_contents(
            $file,
            '{"format": "regimen-specification/1", "client": {"scale": "24 3/4\"", "neckAngle": 2}}',
        );
        $computed = $this->script('compute', $file);
        $this->assertSame(0, $computed->getExitCode(), $computed->getErrorOutput());
        $answer = json_decode($computed->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        $this->assertEqualsWithDelta(12.375 * 25.4, array_column($answer['figures'], 'value', 'key')['twelfth'], 1e-6);
        $this->assertContains('bridge-range', array_column($answer['findings'], 'key'));
        file_put_contents($file, '{"format": "regimen-specification/1", "client": {"scale": -1}}');
        foreach ([['compute', $file], ['compute', '/no/such/file'], ['compute']] as $arguments) {
            $refused = $this->script(...$arguments);
            $this->assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()]);
            $this->assertStringEndsWith(".\n", $refused->getErrorOutput());
        }
    }

    public function test_the_route_is_printed_as_json_with_every_reason(): void
    {
        $file = "{$this->folder}/specification.json";
        file_put_contents(
            $file,
            '{"format": "regimen-specification/1", "client": {"joint": "through", "finish": "shellac"}}',
        );
        $printed = $this->script('route', $file);
        $this->assertSame(0, $printed->getExitCode(), $printed->getErrorOutput());
        $route = json_decode($printed->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        $this->assertSame(count($route['operations']), $route['totals']['operations']);
        $wings = array_column($route['operations'], null, 'key')[JointOperation::Wings->value];
        $this->assertSame(
            ['joint', 1440, 'glue', ['key' => 'body-clamps', 'count' => 2]],
            [$wings['stage'], $wings['holdMinutes'], $wings['holdKind'], $wings['fixture']],
        );
        $this->assertSame('centre line: difference at both edges and the far end', $wings['gate'][0]['what']);
        foreach ($route['links'] as $link) {
            $this->assertNotSame('', $link['reason']);
        }
        $this->assertSame([], $route['clashes']);
        foreach ([['route', '/no/such/file'], ['route']] as $arguments) {
            $this->assertSame(2, $this->script(...$arguments)->getExitCode());
        }
    }

    public function test_what_a_route_costs_is_told_in_ratios(): void
    {
        $told = $this->artisan('regimen:bench', ['route'])->getOutput();
        $this->assertMatchesRegularExpression(
            '/a route of 90 operations and \d+ links: derived in [\d.]+ ms here, [\d.]+ × sorting a copy of it/',
            $told,
        );
        $this->assertMatchesRegularExpression('/its page: \d+ ms here, [\d.]+ × an empty request/', $told);
    }
}
