<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\House\CopyMade;
use App\Models\House\Shop;
use App\Queries\House\RunningParts;
use App\Support\LastSeen;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The page that tells whether the shop would survive its machine. */
final class HealthTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->folder = sys_get_temp_dir().'/regimen-copies-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        Shop::query()->update(['backup_folder' => $this->folder]);
        $this->actingAs($this->manager);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    #[TestWith([null, 'There is no copy of the shop yet', true])]
    #[TestWith(['2026-03-18-0300', 'The last good copy is 5 hours old', false])]
    #[TestWith(['2026-03-17-0300', 'The last copy is 29 hours old', true])]
    #[TestWith(['2026-03-01-0300', 'The last copy is 17 days old', true])]
    public function test_it_says_how_old_the_last_good_copy_is_and_warns_when_none_is_fresh(?string $at, string $heading, bool $warns): void
    {
        if ($at !== null) {
            file_put_contents("{$this->folder}/regimen-{$at}.sqlite", str_repeat('x', 2_500_000));
        }
        $this->get('/house/health')->assertInertia(static fn (AssertableInertia $page) => $page
            ->component('house/Health')->where('heading', $heading)->where('warn', $warns)
            ->where('copies', $at === null ? [] : [[
                'name' => "regimen-{$at}.sqlite", 'size' => '2.5 MB', 'isSealed' => false,
                'at' => substr($at, 0, 10).'T03:00:00Z',
            ]])
            ->where('disks.0.what', 'the shop’s database'));
    }

    public function test_what_runs_beside_the_shop_is_told_and_what_does_not(): void
    {
        $lines = fn (): array => collect($this->get('/house/health')->inertiaProps('running'))->keyBy('what')->all();
        $none = $lines();
        $this->assertSame([true, true, false], [$none['worker']['warn'], $none['clock']['warn'], $none['queue']['warn']]);
        $this->assertStringContainsString('no copy is made at night', $none['clock']['words']);
        $this->assertSame(['Nothing waits in the queue.', 'Nothing was planned yet.'], [$none['queue']['words'], $none['plan']['words']]);
        $this->assertStringContainsString(PHP_VERSION, $none['versions']['words']);
        $this->build();
        DB::table('jobs')->insert(['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => 1, 'created_at' => 1]);
        DB::table('failed_jobs')->insert(['uuid' => 'a', 'connection' => 'x', 'queue' => 'x', 'payload' => '{}', 'exception' => 'x']);
        app(LastSeen::class)->note(RunningParts::BY_CLOCK);
        $some = $lines();
        $this->assertFalse($some['clock']['warn']);
        $this->assertSame(['1 job in the queue; 1 job failed, the log says why.', true], [$some['queue']['words'], $some['queue']['warn']]);
        $this->assertStringContainsString('The last plan was made Wed 18 Mar', $some['plan']['words']);
        $this->at('2026-03-18 09:40');
        $this->assertTrue($lines()['clock']['warn'], 'not for a quarter of an hour');
    }

    public function test_a_copy_that_failed_is_told_until_one_is_made(): void
    {
        CopyMade::query()->create(['at' => '2026-03-18 03:00:00', 'good' => false, 'bytes' => 0, 'words' => 'The disk is full.']);
        $this->get('/house/health')->assertInertia(static fn (AssertableInertia $page) => $page->where('failed', 'The disk is full.'));
        CopyMade::query()->create(['at' => '2026-03-18 04:00:00', 'good' => true, 'bytes' => 1, 'words' => 'x']);
        $this->get('/house/health')->assertInertia(static fn (AssertableInertia $page) => $page->where('failed', ''));
    }

    public function test_a_passphrase_is_never_kept_only_what_seals(): void
    {
        $sent = ['version' => Shop::current()->version, 'folder' => $this->folder, 'sealed' => true];
        $this->put('/house/health', $sent)->assertSessionHasErrors('passphrase');
        $this->put('/house/health', [...$sent, 'passphrase' => 'short'])->assertSessionHasErrors('passphrase');
        $this->put('/house/health', [...$sent, 'passphrase' => 'seven planes on a shelf'])->assertSessionHasNoErrors();
        $this->assertNotNull(Shop::current()->backup_key);
        $this->assertStringNotContainsString('seven planes', json_encode(DB::table('shops')->get(), JSON_THROW_ON_ERROR));
        $this->assertStringNotContainsString('seven planes', json_encode(DB::table('log_entries')->get(), JSON_THROW_ON_ERROR));
        $this->put('/house/health', $sent)->assertSessionHasErrors('conflict');
        $this->put('/house/health', ['version' => Shop::current()->version] + $sent)->assertSessionHasNoErrors();
        $this->assertNotNull(Shop::current()->backup_key, 'left empty it stays');
        $this->put('/house/health', ['version' => Shop::current()->version, 'sealed' => false] + $sent)->assertSessionHasNoErrors();
        $this->assertNull(Shop::current()->backup_key);
    }

    #[TestWith(['copies', 'whole path'])]
    #[TestWith(['/nowhere/at/all', 'is not there'])]
    #[TestWith(['/proc', 'is not there, or nothing can be written'])]
    #[TestWith(['PUBLIC', 'open to everybody'])]
    public function test_a_folder_that_will_not_do_is_refused(string $folder, string $says): void
    {
        $folder = $folder === 'PUBLIC' ? public_path('build') : $folder;
        $this->put('/house/health', ['version' => Shop::current()->version, 'folder' => $folder, 'sealed' => false])
            ->assertSessionHasErrors('folder');
        $this->assertStringContainsString($says, session('errors')->first('folder'));
    }

    public function test_a_maker_neither_sees_nor_sets_them(): void
    {
        $this->actingAs($this->maker);
        $this->get('/house/health')->assertForbidden();
        $this->put('/house/health', [])->assertForbidden();
        $this->post('/house/health/copy')->assertForbidden();
    }
}
