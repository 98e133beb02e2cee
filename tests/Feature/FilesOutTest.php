<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Trees\Exchange\LostRuns;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** A file written in the background: it waits for whoever asked for it, and says what its version had no place for. */
final class FilesOutTest extends TestCase
{
    use UploadsFiles;

    public function test_a_file_is_written_and_says_what_its_version_has_no_place_for(): void
    {
        $this->bringInto("0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Ewan /Tarrel/\n1 DEAT Y\n2 SDATE 1 JAN 1903\n0 TRLR\n")
            ->assertSuccessful();
        $run = $this->api('POST', '/exchange/exports', ['version' => '5.5.1', 'keep' => true])->assertOk()->json();
        self::assertSame(['export', 'done', 100], [$run['kind'], $run['state'], $run['percent']]);
        self::assertStringStartsWith('It is written. Version 5.5.1 has no place for 1 line (1 SDATE)', $run['said']);
        $file = $this->get("/api/trees/{$this->tree->id}/exchange/exports/{$run['id']}/file")->assertOk();
        $file->assertHeader('Content-Disposition', 'attachment; filename='.$run['title']);
        self::assertStringContainsString('1 NAME Ewan /Tarrel/', (string) $file->streamedContent());
        // It stays until the next one is written.
        $this->get("/api/trees/{$this->tree->id}/exchange/exports/{$run['id']}/file")->assertOk();
        $next = $this->api('POST', '/exchange/exports', ['version' => '7', 'zipped' => true])->assertOk()->json();
        self::assertSame('It is written.', $next['said']);
        $this->api('GET', "/exchange/exports/{$run['id']}/file")->assertNotFound();
        self::assertSame('PK',
            substr((string) $this->get("/api/trees/{$this->tree->id}/exchange/exports/{$next['id']}/file")->streamedContent(), 0, 2));
        self::assertSame([$next['id']],
            array_column(array_filter($this->api('GET', '/exchange')->json('runs'),
                static fn (array $one): bool => $one['kind'] === 'export'), 'id'));
    }

    public function test_it_is_nobody_elses(): void
    {
        $this->person('Una Osk w b 1990');
        $run = $this->api('POST', '/exchange/exports', ['version' => '7', 'keep' => true])->assertOk()->json('id');
        $editor = $this->account('bran@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $editor->id, 'role' => 'editor']);
        $this->actingAs($editor);
        $this->api('GET', "/exchange/exports/{$run}/file")->assertNotFound();
        self::assertSame([], $this->api('GET', '/exchange')->json('runs'));
        $this->api('POST', '/exchange/exports', ['version' => '7', 'keep' => true])->assertForbidden();
        $own = $this->api('POST', '/exchange/exports', ['version' => '7'])->assertOk()->json('id');
        self::assertStringNotContainsString('Una', (string) $this->get("/api/trees/{$this->tree->id}/exchange/exports/{$own}/file")
            ->assertOk()->streamedContent());
        $this->api('POST', '/exchange/exports', ['version' => '6'])->assertStatus(422);
    }

    public function test_one_at_a_time_and_a_cancelled_or_interrupted_one_leaves_nothing(): void
    {
        Queue::fake();
        $run = $this->api('POST', '/exchange/exports', ['version' => '7'])->assertOk()->json('id');
        self::assertSame('A file is being made already. Wait until that is done, or cancel it.',
            $this->api('POST', '/exchange/exports', ['version' => '7'])->assertStatus(409)->json('message'));
        $this->api('DELETE', "/exchange/runs/{$run}")->assertNoContent();
        $this->api('GET', "/exchange/exports/{$run}/file")->assertNotFound();
        $second = $this->api('POST', '/exchange/exports', ['version' => '7'])->assertOk()->json('id');
        DB::table('runs')->where('id', $second)->update(['state' => 'running', 'heartbeat_at' => now()->subHour()]);
        LostRuns::release();
        self::assertSame('It was interrupted, and nothing of it was kept. Write the file again.', DB::table('runs')->where('id', $second)
            ->value('said'));
    }
}
