<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\Core\Line\Chunk;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Measures planning in the core and one edit over HTTP, as median and 95th percentile. ./rinkel bench serves what it
 * needs.
 */
#[AsCommand('rinkel:bench', 'command.bench.does')]
final class BenchCommand extends Command
{
    private const RUNS = 300;
    private const WARM_UP = 20;

    public function __construct(
        private readonly PieceFiles $files,
        private readonly Planner $planner,
        #[Autowire('%kernel.project_dir%/demo/pieces')]
        private readonly string $folder,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('address', InputArgument::REQUIRED, 'command.bench.address');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $address = $input->getArgument('address');
        \assert(\is_string($address));
        foreach (glob($this->folder.'/*.json') ?: [] as $file) {
            $piece = $this->files->read($file);
            $this->measure($output, 'plan '.basename($file, '.json'), function () use ($piece): void {
                $this->planner->plan($piece);
            });
        }
        $this->measure($output, 'set 500 segments, 6 fits', static function (): void {
            (new LineSetter())->set(self::longLine(), Length::ofMillimetres(4000));
        });
        $page = (string) file_get_contents($address.'/pieces/1');
        $version = 1 === preg_match('/name="version" value="(\d+)"/', $page, $match) ? (int) $match[1] : 0;
        $turn = 0;
        $this->measure($output, 'one edit over HTTP', static function () use ($address, &$version, &$turn): void {
            $reply = self::post(
                $address,
                ['version' => $version, 'f' => ['wearer.girth' => (150 + ++$turn % 40).' mm']],
            );
            $version = 1 === preg_match('/data-version="(\d+)"/', $reply, $match) ? (int) $match[1] : 0;
        });
        $output->writeln(
            \sprintf('The partial is %d kB.', \strlen(self::post($address, ['version' => $version])) / 1000),
        );

        return Command::SUCCESS;
    }

    private function measure(OutputInterface $output, string $name, callable $run): void
    {
        $times = [];
        for ($i = -self::WARM_UP; $i < self::RUNS; ++$i) {
            $start = hrtime(true);
            $run();
            if ($i >= 0) {
                $times[] = (hrtime(true) - $start) / 1e6;
            }
        }
        sort($times);
        $output->writeln(\sprintf(
            '%-28s median %7.3f ms   p95 %7.3f ms   (%d runs)',
            $name,
            $times[intdiv(\count($times), 2)],
            $times[(int) floor(0.95 * \count($times))],
            \count($times),
        ));
    }

    /**
     * @param array<string, int|array<string, string>> $fields
     */
    private static function post(string $address, array $fields): string
    {
        $reply = file_get_contents($address.'/pieces/1', false, stream_context_create(['http' => [
            'method' => 'POST',
            'header' => "Content-Type: application/x-www-form-urlencoded\r\nHX-Request: true\r\nSec-Fetch-Site: same-origin\r\nConnection: close",
            'content' => http_build_query($fields),
            'ignore_errors' => true,
        ]]));

        return str_contains($http_response_header[0] ?? '', ' 200 ')
            ? (string) $reply
            : throw new \RuntimeException('The edit was refused: '.($http_response_header[0] ?? 'no answer'));
    }

    private static function longLine(): Line
    {
        $bead = static fn (float $length): Element => new Element(
            ElementKind::Bead,
            'b',
            extent: new Extent(
                length: Length::ofMillimetres($length),
                width: Length::ofMillimetres(3),
                thickness: Length::ofMillimetres(3),
            ),
            takes: [],
        );
        $chunks = [];
        for ($fit = 0; $fit < 6; ++$fit) {
            $chunks[] = new Chunk(array_map($bead, range(2.1 + $fit / 7, 2.1 + $fit / 7, 0.1)), $fit);
            $chunks[] = new Chunk(array_map($bead, array_fill(0, 82, 1.7 + $fit / 9)));
        }

        return new Line($chunks, [], [], false, [1, 2, 1, 3, 1, 2]);
    }
}
