<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Api\Description;
use App\Models\Event;
use App\Models\Name;
use App\Models\Person;
use App\Models\Tree;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\ChangeStep;
use App\Trees\Changes\ChangeSteps;
use App\Trees\Changes\DerivedData;
use App\Trees\Changes\DerivedTables;
use App\Trees\Changes\Intent;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\StoredColumns;
use Carbon\FactoryImmutable;
use Composer\InstalledVersions;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use LogicException;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Stored\DescribedBy;
use NorthBough\Core\Stored\Description as StoredDescription;

/** What must stay true whatever is built in. */
final class InvariantsTest extends TestCase
{
    public function test_the_api_description_is_the_one_that_the_attributes_make(): void
    {
        self::assertSame(file_get_contents(base_path('docs/openapi.json')), Description::json(),
            'Run: php artisan bough:openapi > docs/openapi.json && npm run api');
    }

    public function test_every_route_is_described(): void
    {
        /** @var array{paths: array<string, array<string, mixed>>} $described */
        $described = json_decode(Description::json(), true, flags: JSON_THROW_ON_ERROR);
        // Files and raw pieces are no JSON; the page names their addresses itself.
        $others = ['/api/uploads/{upload} put', '/api/trees/{tree}/exchange/export get',
            '/api/trees/{tree}/exchange/exports/{run}/file get', '/api/trees/{tree}/report-files/{run}/file get',
            '/api/trees/{tree}/media/{media}/tiles/{page}/{level}/{x}/{y} get', '/api/trees/{tree}/media/{media}/cuts/{page}/{cut} get',
            '/api/trees/{tree}/media/{media}/original get'];
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            $address = '/'.$route->uri();
            $method = strtolower($route->methods()[0]);
            if (str_starts_with($address, '/api/') && ! str_contains($address, '{format}') && $address !== '/api/{any}'
                && ! in_array("{$address} {$method}", $others, true)) {
                self::assertArrayHasKey($method, $described['paths'][$address] ?? [], "{$method} {$address}");
            }
        }
    }

    public function test_two_trees_that_hold_identical_ids_never_mix(): void
    {
        $mine = $this->person('Ewan Tarrel b 1851 Hask');
        $other = Tree::begin('Other', $this->user);
        foreach (['people', 'names', 'places', 'events', 'person_lines'] as $table) {
            foreach (DB::table($table)->where('tree_id', $this->tree->id)->get() as $row) {
                DB::table($table)
                    ->insert(['tree_id' => $other->id] + array_diff_key((array) $row,
                        ['birth_sort' => 1, 'death_sort' => 1, 'words' => 1]));
            }
        }
        $this->api('PATCH', '/facts/'.$this->fact($mine, 'birth')->id, ['date' => '1852', 'version' => 1])->assertOk();
        $this->api('POST', "/people/{$mine}/names", ['typed' => 'Evan Tarrell'])->assertOk();
        $this->api('DELETE', "/people/{$mine}")->assertNoContent();

        self::assertSame(0, Person::query()->count());
        app(CurrentTree::class)->within($other, static function () use ($mine): void {
            self::assertSame($mine, Person::query()->firstOrFail()->id);
            self::assertSame(1, Name::query()->count());
            self::assertSame('1851', Event::query()->firstOrFail()->date->shown);
        });
    }

    public function test_rows_cannot_be_asked_for_without_a_tree(): void
    {
        app(CurrentTree::class)->leave();
        $this->expectException(LogicException::class);
        Person::query()->count();
    }

    public function test_a_row_cannot_point_into_another_tree(): void
    {
        $ewan = $this->person('Ewan Tarrel');
        $this->enter(Tree::begin('Other', $this->user));
        $this->expectExceptionMessage('foreign key');
        app(ChangeSets::class)
            ->run(new Intent($this->user, 'A stray name'), static fn (): Name => Name::query()
                ->create(['person_id' => $ewan, 'kind' => 'aka']));
    }

    public function test_a_row_fetched_before_its_change_set_cannot_be_written_in_it(): void
    {
        $ewan = Person::query()->findOrFail($this->person('Ewan Tarrel'));
        $write = static fn (): bool => $ewan->fill(['sex' => 'M'])->save();
        app(ChangeSets::class)->run(new Intent($this->user, 'Read again under the lock'), $write, $ewan);
        self::assertSame('M', $ewan->refresh()->sex);
        $this->expectExceptionMessage('was fetched before its change set was open');
        app(ChangeSets::class)->run(new Intent($this->user, 'As it was before'), static fn (): bool => $ewan->fill(['sex' => 'F'])->save());
    }

    public function test_every_step_and_every_derived_table_is_registered(): void
    {
        $registered = [...app(ChangeSteps::class)->all, ...app(DerivedTables::class)->atOnce, ...app(DerivedTables::class)->inQueue];
        $written = [];
        foreach (File::allFiles(app_path('Trees')) as $file) {
            $class = 'App\\Trees\\'.str_replace('/', '\\', substr($file->getRelativePathname(), 0, -4));
            if (class_exists($class) && (is_subclass_of($class, ChangeStep::class) || is_subclass_of($class, DerivedData::class))) {
                $written[] = $class;
            }
        }
        self::assertEqualsCanonicalizing($written, array_map(get_class(...), $registered));
    }

    public function test_every_authored_table_is_journalled_and_keyed_by_its_tree(): void
    {
        $authored = array_filter(Schema::getTableListing(schema: 'public', schemaQualified: false),
            static fn (string $table): bool => Schema::hasColumn($table, 'made_by'));
        self::assertEqualsCanonicalizing(AuthoredTables::names(), array_values($authored));
        foreach ($authored as $table) {
            $primary = collect(Schema::getIndexes($table))->firstWhere('primary', true);
            self::assertSame(['tree_id', 'id'], $primary['columns'] ?? [], $table);
            foreach (Schema::getForeignKeys($table) as $key) {
                self::assertContains('tree_id', $key['columns'], "{$table}: {$key['name']}");
            }
        }
    }

    public function test_every_column_of_an_authored_table_is_described(): void
    {
        $ofEveryRow = ['tree_id', 'id', 'version', 'made_by', 'ordinal', 'written', 'changed_at'];
        foreach (AuthoredTables::names() as $table) {
            $columns = array_filter(
                array_diff(Schema::getColumnListing($table), $ofEveryRow),
                static fn (string $column): bool => preg_match('/^(date_(?!typed)|other_(begin|end)_)/', $column) !== 1,
            );
            $described = array_diff(array_keys(StoredColumns::of(AuthoredTables::model($table))), $ofEveryRow);
            self::assertEqualsCanonicalizing(array_values($columns), array_values($described),
                "{$table}: say it in its model, or in the value that describes it.");
        }
    }

    public function test_what_is_stored_is_of_the_type_that_its_description_says(): void
    {
        $types = ['string' => ['text', 'varchar', 'bpchar', 'uuid', 'jsonb'], 'int' => ['int2', 'int4', 'int8'], 'bool' => ['bool'],
            'array' => ['jsonb']];
        foreach (AuthoredTables::names() as $table) {
            $by = (new \ReflectionClass(AuthoredTables::model($table)))->getAttributes(DescribedBy::class)[0] ?? null;
            $stored = array_column(Schema::getColumns($table), 'type_name', 'name');
            foreach ($by === null ? [] : StoredDescription::columns($by->newInstance()->class) as $field) {
                if ($field->said->owners === [] && $field->type !== GenDate::class) {
                    $type = is_a($field->type, \BackedEnum::class, true) ? 'string' : $field->type;
                    self::assertContains($stored[$field->column], $types[$type] ?? [], "{$table}.{$field->column}");
                }
            }
        }
    }

    public function test_stand_ins_work_and_nothing_real_is_installed_beside_them(): void
    {
        self::assertSame(date('Y'), FactoryImmutable::getDefaultInstance()->now()->format('Y'));
        self::assertSame([1, 3], [array_first([1, 2, 3]), array_last([1, 2, 3])]);
        /** @var array{replace: array<string, string>} $composer */
        $composer = json_decode((string) file_get_contents(base_path('composer.json')), true, flags: JSON_THROW_ON_ERROR);
        foreach (array_keys($composer['replace']) as $package) {
            self::assertDirectoryDoesNotExist(base_path("vendor/{$package}"),
                "{$package} is installed: take its stand-in out of platform/ and composer.json.");
        }
        self::assertTrue(InstalledVersions::isInstalled('laravel/framework'));
    }
}
