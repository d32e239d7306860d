<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Buying\Shopping;
use Rinkel\App\Cutting\Choosing;
use Rinkel\App\Making\KeptMakings;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\Progress;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\KeptOrders;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Measure\Unit;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Lists the open orders, or says of one how far its things are and what has to be bought for it.
 */
#[AsCommand('rinkel:order', 'Lists the open orders, or tells one: how far its things are, and what is still to buy.')]
final class OrderCommand extends Command
{
    public function __construct(
        private readonly Orders $orders,
        private readonly Makings $makings,
        private readonly KeptOrders $keptOrders,
        private readonly KeptMakings $keptMakings,
        private readonly Choosing $choosing,
        private readonly Shopping $shopping,
        private readonly StockBox $stock,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('number', InputArgument::OPTIONAL, 'Of the order, as the list has it')
            ->addOption('json', null, InputOption::VALUE_NONE, 'As rows of an archive (docs/kept.schema.json)');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $number = $input->getArgument('number');
        if (null === $number) {
            foreach ($this->orders->open() as $order) {
                $output->writeln($this->line($order));
            }

            return Command::SUCCESS;
        }
        $order = is_numeric($number) ? $this->orders->find((int) $number) : null;
        if (null === $order) {
            $output->writeln('There is no order of that number.');

            return Command::FAILURE;
        }
        $makings = $this->makings->ofOrder($order);
        true === $input->getOption('json') ? $output->writeln((string) json_encode([
            'order' => $this->keptOrders->row($order),
            'makings' => array_map($this->keptMakings->row(...), $makings),
        ], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION))
            : $this->tell($order, $makings, $output);

        return Command::SUCCESS;
    }

    private function line(StoredOrder $order): string
    {
        $counts = Progress::of($this->makings->ofOrder($order))->counts;

        return \sprintf(
            '%d  %s%s%s: %s',
            $order->id(),
            $order->text('name') ?: $order->text('for'),
            '' === $order->text('name') || '' === $order->text('for') ? '' : ', for '.$order->text('for'),
            '' === $order->text('due') ? '' : ', due '.$order->text('due'),
            [] === $counts ? 'nothing in it' : implode(', ', array_map(
                static fn (string $state, int $count): string => $count.' '.$state,
                array_keys($counts),
                $counts,
            )),
        );
    }

    /**
     * @param list<StoredMaking> $makings
     */
    private function tell(StoredOrder $order, array $makings, OutputInterface $output): void
    {
        $output->writeln($this->line($order));
        foreach ($makings as $making) {
            $output->writeln(\sprintf(
                '   %s%s: %s',
                $making->name(),
                $making->number() > 1 ? ' ('.$making->number().')' : '',
                $making->state()->value,
            ));
        }
        $waiting = $this->choosing->makings($makings);
        $list = [] === $waiting->pieces ? [] : $this->shopping->list(
            $waiting,
            $waiting->cutting($this->stock->cords($waiting->likenesses())),
        );
        foreach (array_merge(...array_values($list), ...[[]]) as $one) {
            $much = \is_int($one->much) ? $one->much.' ×' : (string) $this->wording->length($one->much, Unit::Centimetre);
            $output->writeln('   to buy: '.$much.' '.$this->wording->material($one->what));
        }
    }
}
