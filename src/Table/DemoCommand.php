<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Samples\Samples;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Measure\Length;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Lays the example pieces on an empty table; a table with pieces on it is left alone.
 */
#[AsCommand('rinkel:demo', 'Lays the example pieces on an empty table')]
final class DemoCommand extends Command
{
    /** Measures in mm. */
    private const PEOPLE = [
        'Ottoline' => ['wrist' => 158, 'hand' => 196, 'neck' => 335],
        'Ivo' => ['wrist' => 147, 'hand' => 178],
        'Bram' => ['wrist' => 181, 'hand' => 226, 'ankle' => 246],
    ];

    public function __construct(
        private readonly Pieces $pieces,
        private readonly People $people,
        private readonly Samples $samples,
        private readonly PieceFiles $files,
        private readonly TranslatorInterface $translator,
        #[Autowire('%kernel.project_dir%/demo/pieces')]
        private readonly string $folder,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ([] !== $this->pieces->onTheTable() || [] !== $this->pieces->archived()) {
            $output->writeln($this->translator->trans('said.demo-not-wanted'));

            return Command::SUCCESS;
        }
        $files = glob($this->folder.'/*.json') ?: [];
        rsort($files);
        foreach ($files as $file) {
            $this->pieces->add($this->files->read($file));
        }
        foreach (self::PEOPLE as $name => $lengths) {
            $this->people->keep(null, $name, array_map(Length::ofMillimetres(...), $lengths), Measured::Snug);
        }
        foreach ($this->samplesOf(\dirname($this->folder).'/samples.json') as $sample) {
            $this->samples->add($sample);
        }
        $output->writeln($this->translator->trans('said.demo-laid', ['pieces' => \count($files)]));

        return Command::SUCCESS;
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function samplesOf(string $file): array
    {
        $read = is_file($file) ? json_decode((string) file_get_contents($file), true, 16) : null;
        $rows = \is_array($read) && \is_array($read['samples'] ?? null) ? $read['samples'] : [];

        /** @var list<array<string, mixed>> */
        return array_values(array_filter($rows, is_array(...)));
    }
}
