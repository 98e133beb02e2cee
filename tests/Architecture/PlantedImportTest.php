<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The static rules notice what they are there for: a wrong import is planted in each module, and each is found. */
final class PlantedImportTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/planted'.getmypid();
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder, "{$this->folder}-tmp"]))->mustRun();
    }

    public function test_each_module_has_its_place_in_the_order(): void
    {
        foreach (['core/src' => ImportOrder::CORE, 'app/Trees' => ImportOrder::TREES] as $folder => $modules) {
            self::assertEqualsCanonicalizing($modules, array_map(basename(...), glob(self::ROOT."/{$folder}/*", GLOB_ONLYDIR) ?: []),
                $folder);
        }
    }

    public function test_the_picture_of_the_order_is_drawn_from_it(): void
    {
        self::assertSame(ImportOrderPicture::svg(), file_get_contents(self::ROOT.'/docs/import-order.svg'));
    }

    public function test_a_wrong_import_in_any_module_is_found(): void
    {
        $planted = [];
        foreach (['NorthBough\Core' => ['core/src', ImportOrder::CORE],
            'App\Trees' => ['app/Trees', ImportOrder::TREES]] as $within => [$folder, $modules]) {
            foreach (array_map(null, array_slice($modules, 0, -1), array_slice($modules, 1)) as $place => [$module, $next]) {
                $planted[] = $this->plant("{$within}\\{$module}", "{$within}\\{$next}\\".self::aClassIn("{$folder}/{$next}"),
                    "{$module}_{$place}");
            }
        }
        $planted[] = $this->plant('NorthBough\Core\Chrono', 'Illuminate\Support\Carbon', 'framework');
        $planted[] = $this->plant('App\Trees\Journal', 'App\Http\Page', 'requests');
        $told = new Process(
            [PHP_BINARY, 'vendor/bin/phpstan', 'analyse', '--no-progress', '--error-format=raw', '--autoload-file=vendor/autoload.php',
                '-c', $this->rules(), $this->folder],
            self::ROOT, ['NB_PHPSTAN_TMP' => "{$this->folder}-tmp"], timeout: 240);
        $told->run();

        foreach ($planted as $file) {
            self::assertMatchesRegularExpression("/{$file}\\.php:\\d+:.*should not depend on/",
                $told->getOutput().$told->getErrorOutput(), $file);
        }
    }

    private static function aClassIn(string $folder): string
    {
        $files = glob(self::ROOT."/{$folder}/*.php") ?: glob(self::ROOT."/{$folder}/*/*.php") ?: [];
        $path = substr($files[0] ?? throw new \LogicException("{$folder} is empty."), strlen(self::ROOT."/{$folder}/"), -4);

        return str_replace('/', '\\', $path);
    }

    private function plant(string $namespace, string $import, string $name): string
    {
        $class = "Planted_{$name}";
        file_put_contents("{$this->folder}/{$class}.php",
            "<?php\n\nnamespace {$namespace};\n\nfinal class {$class}\n{\n    public function planted(\\{$import} \$wrong): void\n    {\n"
                ."    }\n}\n");

        return $class;
    }

    /** The rules alone, without the paths that they are otherwise asked of. */
    private function rules(): string
    {
        $config = (string) file_get_contents(self::ROOT.'/phpstan.neon');
        $config = (string) preg_replace(['/^    paths:.*$/m', '/^    excludePaths:.*$/m', '/^    level: .*$/m'], ['', '', '    level: 0'],
            $config);
        $config = str_replace(['vendor/phpat', 'platform/phpstan'],
            [realpath(self::ROOT).'/vendor/phpat', realpath(self::ROOT).'/platform/phpstan'], $config);
        file_put_contents("{$this->folder}/rules.neon", $config);

        return "{$this->folder}/rules.neon";
    }
}
