<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\People\OwnerCode as Code;
use App\Words\Text;
use Illuminate\Console\Command;

final class OwnerCode extends Command
{
    protected $signature = 'yoke:owner-code {--address= : Where the shop is reached} {--waiting : Say nothing '.
        'where the shop has its people}';

    protected $description = 'Show the code by which the first owner of an empty shop sets it up';

    public function handle(Code $code): int
    {
        $address = is_string($this->option('address')) ? $this->option('address') : (string) config('app.url');
        if (! Code::isAwaited() && $this->option('waiting') === true) {
            return self::SUCCESS;
        }
        $this->output->writeln(
            Code::isAwaited()
                ? Text::of('command.owner_code', ['address' => $address, 'code' => $code->make()])
                : Text::of('command.has_people'),
        );

        return self::SUCCESS;
    }
}
