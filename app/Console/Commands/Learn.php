<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Experience\ShopExperience;
use App\Words\Text;
use Illuminate\Console\Command;

final class Learn extends Command
{
    private const AT_ONCE = 20;

    protected $signature = 'yoke:learn';

    protected $description = 'Learn from finished jobs that the shop has not learned from yet';

    public function handle(ShopExperience $shop): int
    {
        $jobs = 0;
        do {
            $jobs += $more = $shop->catchUp(self::AT_ONCE);
        } while ($more > 0);
        $this->output->writeln(Text::of('command.learned', ['jobs' => $jobs]));

        return self::SUCCESS;
    }
}
