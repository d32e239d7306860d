<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Rinkel\App\Board\Days;
use Rinkel\App\Board\KeptDays;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Measure\Length;

/**
 * The examples as a scene: what a maker who has worked with Rinkel for a while has on their table.
 */
final readonly class ExampleScene
{
    /** Measures in mm. */
    private const PEOPLE = [
        'Ottoline' => ['wrist' => 158, 'hand' => 196, 'neck' => 335],
        'Ivo' => ['wrist' => 147, 'hand' => 178],
        'Bram' => ['wrist' => 181, 'hand' => 226, 'ankle' => 246],
    ];

    /** What is worked on today. */
    private const TODAY = ['slipway', 'tow-line', 'milestones', 'ledge'];

    public function __construct(
        private ExampleFiles $files,
        private Pieces $pieces,
        private People $people,
        private ExampleWork $work,
        private ExampleBox $box,
        private ExampleOrders $orders,
        private Days $days,
    ) {}

    /**
     * @return int how many pieces there are
     */
    public function lay(): int
    {
        $this->box->knots($this->files->read('knots.json'));
        $laid = array_map($this->pieces->add(...), $this->files->pieces());
        foreach (self::PEOPLE as $name => $lengths) {
            $this->people->keep(null, $name, array_map(Length::ofMillimetres(...), $lengths), Measured::Snug);
        }
        $log = $this->files->read('log.json')->rows('rows');
        // The first pieces were finished before anything was known of the hand.
        $this->work->finishAll($log, $laid, true);
        $this->box->samples($this->files->read('samples.json'));
        $this->work->finishAll($log, $laid, false);
        $this->work->tapAll($this->files->read('boards.json')->rows('rows'), $laid);
        $this->box->stock($this->files->read('stock.json'));
        $this->orders->take($this->files->read('orders.json')->rows('rows'), $laid);
        $this->today($laid);

        return \count($laid);
    }

    /**
     * Today four are worked on, the first of them not before eleven.
     *
     * @param array<string, StoredPiece> $laid by the name of their file
     */
    private function today(array $laid): void
    {
        $today = array_map(static fn (string $name): string => $laid[$name]->uid(), array_values(array_filter(
            self::TODAY,
            static fn (string $name): bool => isset($laid[$name]),
        )));
        if ([] === $this->days->planned($this->days->today())['pieces']) {
            $this->days->keep($this->days->today(), KeptDays::planned([
                'begin' => '09:30', 'pieces' => $today,
                'pins' => [['piece' => $today[0] ?? '', 'left' => 1, 'at' => '11:00']],
            ]));
        }
    }
}
