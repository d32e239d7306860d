<?php

declare(strict_types=1);

namespace Rinkel\App\Knots;

use Rinkel\App\Jobs\JobProgress;
use Rinkel\App\Jobs\LongWork;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Tight\KnotPuller;

/**
 * Pulls a knot tight that a maker drew, and keeps it.
 */
final readonly class PullWork implements LongWork
{
    public function __construct(
        private OwnKnots $knots,
        private KnotPuller $puller = new KnotPuller(),
    ) {}

    public function word(): string
    {
        return 'pull';
    }

    public function do(array $asked, string $folder, JobProgress $progress): array
    {
        $said = LooseData::of($asked);
        $way = DrawnWay::read($said->raw('way'), $said->raw('crossings'));
        $progress->of(KnotPuller::rounds());
        $pulled = $this->puller->pull($way, $progress->step(...));
        $knot = DrawnKnot::called($said->raw('name'), $way, $pulled);

        return [
            'to' => 'own_knot',
            'with' => ['uid' => $this->knots->keep($knot, $said->raw('note'), $said->raw('uid'))->uid()],
        ];
    }
}
