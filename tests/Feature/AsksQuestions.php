<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Question;
use Illuminate\Support\Facades\DB;

/** A keeper of a lighthouse whose births contradict, and the question of it. */
trait AsksQuestions
{
    /** @return array{string, string, string} a keeper, his birth by the register and by the service book */
    private function keeper(): array
    {
        $magnus = $this->person('Magnus Tarrel h b 3 May 1818 Hask d 22 Nov 1889');
        $baptism = $this->fact($magnus, 'birth')->id;
        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'census', 'date' => '1841'])->assertOk();
        $book = $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'birth', 'date' => '1817'])->assertOk()->json('id');
        $stone = $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'birth', 'date' => 'aged 69 on 22 Nov 1889'])->assertOk()
            ->json('id');
        foreach ([[$baptism, 'church-register', 'baptism', '23 May 1818'], [$book, 'service-book', 'service-book', '1858'],
            [$stone, 'civil-register', 'death-certificate', '25 Nov 1889']] as [$fact, $kind, $recordKind, $day]) {
            $source = $this->api('POST', '/sources', ['kind' => $kind, 'fields' => ['title' => "Of {$kind}", 'keeper' => 'Lights Board']])
                ->assertOk()->json('id');
            $this->api('POST', "/facts/{$fact}/citations", ['sourceId' => $source, 'locator' => 'p. 8', 'words' => 'born so'])->assertOk();
            $record = (string) DB::table('records')->where('tree_id', $this->tree->id)->where('source_id', $source)->value('id');
            $this->api('PUT', "/records/{$record}", ['version' => 1, 'kind' => $recordKind, 'date' => $day, 'lines' => []])->assertOk();
        }

        return [$magnus, $baptism, $book];
    }

    private function question(): string
    {
        return Question::query()->where('aspect', 'birth')->firstOrFail()->id;
    }

    private function row(string $question): Question
    {
        return Question::query()->where('id', $question)->firstOrFail();
    }
}
