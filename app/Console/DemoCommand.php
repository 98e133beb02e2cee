<?php

declare(strict_types=1);

namespace App\Console;

use App\Counted;
use App\Demo\DemoLoader;
use App\Models\Tree;
use App\Models\User;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'bough:demo {--unless-there : do nothing when the account is there}
        {--for= : e-mail of the account that gets the tree; else the demo account}';

    protected $description = 'Makes the demo account and loads the Marren Isles from demo/';

    public function handle(DemoLoader $loader): int
    {
        /** @var array{email: string, password: string, name: string} $account */
        $account = config('northbough.demo');
        $email = $this->option('for');
        if ($email !== null) {
            $account['email'] = $email;
        }
        $user = User::query()->where('email', $account['email'])->first();
        if ($user !== null && $this->option('unless-there')) {
            return self::SUCCESS;
        }
        $user ??= User::query()->create($account);
        $tree = Tree::begin(DemoLoader::NAME, $user);
        $people = $loader->load($tree, $user, base_path('demo'));
        $this->output->writeln('Loaded '.Counted::of($people, 'person', 'people')." into {$tree->name}.");

        return self::SUCCESS;
    }
}
