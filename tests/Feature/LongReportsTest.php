<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\MakeReport;
use App\Models\Run;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** Reports that are made into files in the background. */
final class LongReportsTest extends TestCase
{
    public function test_a_report_is_made_in_the_queue_and_fetched_by_who_asked_for_it(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 d 1910');
        $run = $this->api('POST', "/reports/register/{$ewan}/files", ['format' => 'html', 'options' => ['notes' => 'no']])->assertOk()
            ->assertJsonPath('title', 'Register style')->json('id');
        $this->enter($this->tree);
        $this->api('GET', '/report-files')->assertOk()->assertJsonPath('runs.0.state', 'done')->assertJsonPath('runs.0.said',
            'It is made.');
        $file = $this->api('GET', "/report-files/{$run}/file")->assertOk();
        self::assertStringContainsString('Ewan Tarrel', (string) $file->getContent());
        self::assertStringContainsString('Descendants-of-Ewan-Tarrel.html', (string) $file->headers->get('Content-Disposition'));

        // The next one takes its place.
        $next = $this->api('POST', "/reports/daboville/{$ewan}/files", ['format' => 'csv'])->assertOk()->json('id');
        $this->api('GET', "/report-files/{$run}/file")->assertNotFound();
        self::assertStringStartsWith('number,ref,name,born,died', (string) $this->api('GET', "/report-files/{$next}/file")->assertOk()
            ->getContent());
        self::assertSame([$next], $this->api('GET', '/report-files')->json('runs.*.id'));

        $other = $this->account('other@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $other->id, 'role' => 'editor']);
        $this->actingAs($other);
        $this->api('GET', "/report-files/{$next}/file")->assertNotFound();
        $this->api('GET', '/report-files')->assertJsonPath('runs', []);
        $this->api('POST', "/reports/register/{$ewan}/files", ['format' => 'html', 'keep' => true])->assertForbidden();
    }

    public function test_the_living_are_hidden_in_it_but_for_those_who_are_asked_for(): void
    {
        $ada = $this->person('Ada Tarrel w b 1990');
        $una = $this->relative($ada, 'child', 'Una Lorne w b 2012');
        $file = fn (array $asked): string => (string) $this->api('GET', '/report-files/'.$this->api('POST',
            "/reports/daboville/{$ada}/files",
            ['format' => 'html', ...$asked])->assertOk()->json('id').'/file')->assertOk()->getContent();

        self::assertStringNotContainsString('Una', $file([]));
        self::assertStringNotContainsString('Ada', $file(['kept' => [$una]]));
        self::assertStringContainsString('Una', $file(['kept' => [$una]]));
        self::assertStringContainsString('Ada', $file(['keep' => true]));
    }

    public function test_what_cannot_be_made_is_refused_at_once_and_what_is_cancelled_is_not_made(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 d 1910');
        $this->api('POST', "/reports/no-such/{$ewan}/files", ['format' => 'html'])->assertNotFound();
        $this->api('POST', "/reports/register/{$ewan}/files", ['format' => 'exe'])->assertUnprocessable();
        $this->api('POST', "/reports/register/{$ewan}/files", ['format' => 'html', 'options' => ['notes' => 'perhaps']])
            ->assertUnprocessable();
        $run = $this->api('POST', "/reports/register/{$this->tree->id}/files", ['format' => 'html'])->assertOk()->json('id');
        $this->api('GET', '/report-files')->assertJsonPath('runs.0.state', 'failed');
        $this->api('GET', "/report-files/{$run}/file")->assertNotFound();

        Queue::fake();
        $waiting = $this->api('POST', "/reports/register/{$ewan}/files", ['format' => 'html'])->assertOk()->json('id');
        $this->api('POST', "/reports/register/{$ewan}/files", ['format' => 'html'])->assertConflict();
        $this->api('DELETE', "/exchange/runs/{$waiting}")->assertNoContent();
        app()->call([new MakeReport($waiting), 'handle']);
        self::assertSame('cancelled', (string) Run::query()->whereKey($waiting)->value('state'));
    }
}
