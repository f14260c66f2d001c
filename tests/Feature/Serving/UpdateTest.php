<?php

declare(strict_types=1);

namespace Tests\Feature\Serving;

use PDO;
use Symfony\Component\Process\Process;
use Tests\Feature\Console\BuildSeeder;
use Tests\TestCase;

/** Another version takes the place of the one that is there, or everything is as it was. */
final class UpdateTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/regimen-update-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $this->type("git -c safe.directory='*' ls-files -z --cached --others --exclude-standard ':!docs/screenshots' | tar --null -T - --ignore-failed-read -cf - | tar -xf - -C {$this->folder}", base_path());
        $here = base_path();
        $this->type("cp -a {$here}/vendor vendor && ln -s {$here}/node_modules node_modules && cp -a {$here}/public/build public/build && mkdir -p storage/regimen && cp -p {$here}/storage/regimen/*.stamp storage/regimen/");
        $this->type('git init -q -b main . && git add -A && git commit -qm first && composer dump-autoload -q && ./regimen install');
        $this->type('touch storage/regimen/shop.sqlite && php artisan migrate --force --quiet');
        $this->type('php artisan db:seed --force --quiet --class='.escapeshellarg(BuildSeeder::class));
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    private function type(string $command, ?string $in = null): string
    {
        $process = $this->process($command, $in);

        return $process->mustRun()->getOutput();
    }

    private function process(string $command, ?string $in = null): Process
    {
        // As somebody at a terminal would: without what is set for tests.
        $own = array_fill_keys(['DB_DATABASE', 'APP_KEY', 'APP_ENV', 'REGIMEN_NOW', 'REGIMEN_DEMO', 'QUEUE_CONNECTION', 'CACHE_STORE', 'SESSION_DRIVER', 'MAIL_MAILER'], false);
        $git = ['GIT_AUTHOR_NAME' => 'a test', 'GIT_AUTHOR_EMAIL' => 'test@example.org', 'GIT_COMMITTER_NAME' => 'a test', 'GIT_COMMITTER_EMAIL' => 'test@example.org'];

        return Process::fromShellCommandline($command, $in ?? $this->folder, $own + $git, null, 300);
    }

    /** @return list<mixed> what the shop’s file holds */
    private function shop(): array
    {
        $shop = new PDO("sqlite:{$this->folder}/storage/regimen/shop.sqlite");
        $has = static fn (string $sql): mixed => ($shop->query($sql) ?: throw new \RuntimeException($sql))->fetchColumn();

        return [$has('select count(*) from builds'), $has("select count(*) from sqlite_master where name = 'more'"), $has('select count(*) from migrations')];
    }

    private function version(string $name, string $file, string $text): void
    {
        file_put_contents("{$this->folder}/{$file}", $text);
        $this->type("git add -A && git commit -qm {$name} && git tag {$name} && git reset -q --hard HEAD~1");
    }

    public function test_a_version_that_cannot_be_served_or_cannot_take_over_the_shop_leaves_everything_as_it_was_and_a_good_one_takes_its_place(): void
    {
        $before = $this->shop();
        $index = (string) file_get_contents("{$this->folder}/public/index.php");
        $this->version('unserved', 'public/index.php', str_replace('<?php', "<?php\nif (PHP_SAPI !== 'cli') {\n    http_response_code(500);\n    exit;\n}", $index));
        $migration = static fn (string $up): string => "<?php\nuse Illuminate\\Database\\Migrations\\Migration;\nuse Illuminate\\Database\\Schema\\Blueprint;\nuse Illuminate\\Support\\Facades\\Schema;\n"
            ."return new class extends Migration\n{\n    public function up(): void\n    {\n        {$up}\n    }\n};\n";
        $new = 'database/migrations/2030_01_01_000001_more.php';
        $this->version('spoils', $new, $migration("Schema::drop('builds');"));
        $this->version('good', $new, $migration("Schema::create('more', fn (Blueprint \$table) => \$table->id());"));

        foreach (['unserved' => 'everything is as it was', 'spoils' => 'Nothing was changed', 'missing' => 'neither a file nor a version'] as $version => $words) {
            $update = $this->process("./regimen update {$version}");
            $update->run();
            self::assertSame(1, $update->getExitCode(), $update->getOutput().$update->getErrorOutput());
            self::assertStringContainsString($words, $update->getErrorOutput());
            self::assertSame($before, $this->shop(), $version);
            self::assertSame(['', 'first'], [trim($this->type('git status --porcelain')), trim($this->type('git log -1 --format=%s'))], $version);
            self::assertSame($index, file_get_contents("{$this->folder}/public/index.php"));
        }
        $this->type('./regimen update good');
        self::assertSame([$before[0], 1, $before[2] + 1], $this->shop());
        self::assertSame(['', 'good'], [trim($this->type('git status --porcelain')), trim($this->type('git log -1 --format=%s'))]);
        self::assertNotSame([], glob("{$this->folder}/storage/regimen/before-update-*.sqlite"));
        self::assertDirectoryDoesNotExist("{$this->folder}/storage/regimen/update");
    }
}
