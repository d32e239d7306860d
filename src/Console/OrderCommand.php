<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Buying\Shopping;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Making\KeptMakings;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\Progress;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\KeptOrders;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Measure\Unit;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Lists the open orders, or says of one how far its things are and what has to be bought for it.
 */
#[AsCommand('rinkel:order', 'command.order.does')]
final class OrderCommand extends Command
{
    public function __construct(
        private readonly Orders $orders,
        private readonly Makings $makings,
        private readonly KeptOrders $keptOrders,
        private readonly KeptMakings $keptMakings,
        private readonly ChosenPiecesReader $choosing,
        private readonly Shopping $shopping,
        private readonly Wording $wording,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('number', InputArgument::OPTIONAL, 'command.order.number')
            ->addOption('json', null, InputOption::VALUE_NONE, 'command.order.json');
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
            $output->writeln($this->translator->trans('console.no-order'));

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
            '' === $order->text('name') || '' === $order->text('for') ? '' : ', '.$this->wording->inside(
                $this->said('orders.for-whom', ['whom' => $order->text('for')]),
            ),
            '' === $order->text('due') ? '' : ', '.$this->said('orders.due', ['day' => $order->text('due')]),
            [] === $counts ? $this->said('orders.empty') : implode(', ', array_map(
                fn (string $state, int $count): string => $count.' '.$this->state($state),
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
                $this->state($making->state()->value),
            ));
        }
        $waiting = $this->choosing->makings($makings);
        $list = [] === $waiting->pieces ? [] : $this->shopping->list(
            $waiting,
            $this->choosing->cutting($waiting),
        );
        foreach (array_merge(...array_values($list), ...[[]]) as $one) {
            $much = \is_int($one->missing->much) ? $one->missing->much.' ×' : (string) $this->wording->length(
                $one->missing->much,
                Unit::Centimetre,
            );
            $output->writeln('   '.$this->said('console.to-buy', [
                'much' => $much,
                'what' => $this->wording->material($one->what),
            ]));
        }
    }

    private function state(string $state): string
    {
        return $this->wording->inside($this->said('makings.state-'.$state));
    }

    /**
     * @param array<string, string> $values
     */
    private function said(string $key, array $values = []): string
    {
        return $this->translator->trans($key, $values);
    }
}
