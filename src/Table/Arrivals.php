<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Psr\Log\LoggerInterface;
use Rinkel\App\Document\DesignsFile;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Piece\Pieces;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Planner;

/**
 * Pieces in files on their way to the Table: each is planned before it is laid there.
 */
final readonly class Arrivals
{
    public function __construct(
        private Pieces $pieces,
        private PieceFiles $files,
        private Planner $planner,
        private LoggerInterface $logger,
        private DesignsFile $designs,
    ) {}

    /**
     * Looks at all pieces in a file: of one with several, each by itself, as many as one can have.
     *
     * @return list<Arrival>
     */
    public function in(string $file, string $text): array
    {
        $all = $this->designs->pieces($text) ?? $this->files->within($text);
        $arrivals = [];
        foreach (\array_slice($all, 0, DesignsFile::MOST) as $i => $json) {
            $arrivals[] = $this->look(1 === \count($all) ? $file : $file.' #'.($i + 1), $json);
        }
        if (\count($all) > DesignsFile::MOST) {
            $many = new Message('designs-many', ['most' => DesignsFile::MOST]);
            $arrivals[] = new Arrival($file, '', null, [new Fault('piece', $many)]);
        }

        return $arrivals;
    }

    public function look(string $file, string $json): Arrival
    {
        try {
            $piece = $this->files->parse($json);

            return new Arrival(
                $file,
                $json,
                $this->planner->plan($piece),
                isThere: $this->pieces->has($piece),
                credit: $piece->workmanship->credit,
            );
        } catch (PieceUnreadable $unreadable) {
            return new Arrival($file, $json, null, $unreadable->faults);
        } catch (\Throwable $bug) {
            $this->logger->critical('A piece in a file cannot be planned.', ['exception' => $bug]);

            return new Arrival($file, $json, null, [new Fault('piece', new Message('stumbled'))]);
        }
    }

    public function lay(Arrival $arrival): void
    {
        $this->pieces->add($this->files->parse($arrival->json));
    }
}
