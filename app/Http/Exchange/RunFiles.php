<?php

declare(strict_types=1);

namespace App\Http\Exchange;

use App\Models\Run;
use App\Models\User;
use App\Refusal;
use App\Trees\Exchange\LostRuns;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Support\Facades\File;

/** Files that are made in the queue: each waits for whoever asked for it until they ask for the next one of its kind. */
final readonly class RunFiles
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  string  $kind  of run
     * @param  Closure(): array<string, mixed>  $asked
     *
     * @throws Refusal where a file of the kind is being made already
     */
    public function begin(User $user, string $kind, string $title, Closure $asked): Run
    {
        $before = $this->of($user, $kind);
        $run = LostRuns::begin($this->current->id(), $user, $kind, $title,
            'A file is being made already. Wait until that is done, or cancel it.', $asked);
        foreach ($before as $over) {
            if ($over->isOver()) {
                File::delete((string) ($over->result['path'] ?? ''));
                $over->delete();
            }
        }

        return $run;
    }

    /** @return list<Run> the newest first */
    public function of(User $user, string $kind): array
    {
        return array_values(Run::query()->where('tree_id', $this->current->id())->where('kind', $kind)->where('user_id', $user->id)
            ->orderByDesc('created_at')->orderByDesc('id')->get()->all());
    }

    /** @throws Refusal where it is not made, not here any more, or not theirs */
    public function made(User $user, string $kind, string $runId): Run
    {
        foreach ($this->of($user, $kind) as $run) {
            if ($run->id === $runId && is_file((string) ($run->result['path'] ?? ''))) {
                return $run;
            }
        }
        throw new Refusal('That file is not here. Make it again.', 404);
    }
}
