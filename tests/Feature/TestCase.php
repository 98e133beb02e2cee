<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\ConfirmedSave;
use App\Models\Event;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Exchange\ExportTree;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use NorthBough\Core\Gedcom\Out\GedcomWriter;
use NorthBough\Core\Gedcom\Version;

/** Drives the API against a real PostgreSQL; every test is rolled back. */
abstract class TestCase extends BaseTestCase
{
    use DatabaseTransactions;

    protected User $user;

    protected Tree $tree;

    /** Whether what is there already is meant to be entered once more; false where a test asks what is pointed out. */
    protected bool $meansIt = true;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMockingConsoleOutput();
        // Old sessions are swept away by chance, which would now and then add a query to those that are counted.
        config(['session.lottery' => [0, 1]]);
        $this->user = $this->account('una@marren.example');
        $this->tree = Tree::begin('Marren', $this->user);
        $this->enter($this->tree);
        $this->actingAs($this->user);
    }

    protected function account(string $email): User
    {
        return User::query()->create(['name' => Str::before($email, '@'), 'email' => $email, 'password' => 'kelp-and-slate']);
    }

    /** Lets the test itself ask for rows of the tree. */
    protected function enter(Tree $tree): void
    {
        app(CurrentTree::class)->enter($tree);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function api(string $method, string $path, array $body = []): TestResponse
    {
        $answer = $this->json($method, "/api/trees/{$this->tree->id}{$path}", $body, $this->meansIt ? [ConfirmedSave::HEADER => '1'] : []);
        $this->enter($this->tree);

        return $answer;
    }

    protected function person(string $line): string
    {
        return $this->api('POST', '/people', ['line' => $line])->assertOk()->json('id');
    }

    protected function relative(string $of, string $relation, string $line, ?string $unionId = null): string
    {
        return $this->api('POST', "/people/{$of}/relatives", ['relation' => $relation, 'line' => $line, 'unionId' => $unionId])->assertOk()
            ->json('id');
    }

    protected function fact(string $personId, string $kind): Event
    {
        return Event::query()->where('person_id', $personId)->where('kind', $kind)->firstOrFail();
    }

    protected function source(string $title): string
    {
        return $this->api('POST', '/sources', ['title' => $title])->assertOk()->json('id');
    }

    /** Takes back what was written since a transaction was begun, and what the test and the program remember of it. */
    protected function rollBack(): void
    {
        DB::rollBack();
        $this->tree->refresh();
        app(TreeSourceKinds::class)->forget();
    }

    /** The tree as a file, the clock stopped: two trees that say the same give the same bytes. */
    protected function exported(Version $version = Version::V7): string
    {
        $this->enter($this->tree->refresh());

        return implode('',
            iterator_to_array(GedcomWriter::write(app(ExportTree::class), $version, new \DateTimeImmutable('2026-01-02 03:04:05')), false));
    }

    protected static function coreFile(string $name): string
    {
        return base_path("core/tests/Gedcom/files/{$name}");
    }
}
