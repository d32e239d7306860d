<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Making;

use Rinkel\App\Board\Boards;
use Rinkel\App\Log\Photos;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\PlanAdoption;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What there is to see of one thing that is made.
 */
final readonly class MakingView
{
    public function __construct(
        private MakingPlans $plans,
        private PlanAdoption $adopting,
        private Boards $boards,
        private Preferences $preferences,
        private Photos $photos,
    ) {}

    /**
     * @param array<string, mixed> $more what there is to say of what was just done
     *
     * @return array<string, mixed> by the names of its page
     */
    public function of(StoredMaking $making, array $more = []): array
    {
        $plan = null;
        try {
            $plan = $this->plans->plan($making);
            $changed = $this->adopting->changed($making);
        } catch (PieceUnreadable) {
            $changed = null;
        }

        return $more + [
            'making' => $making,
            'cords' => array_map(self::cord(...), $making->cords()),
            'plan' => $plan,
            'board' => null === $making->at(MakingState::OnBoard) ? null : $this->boards->ofMaking($making),
            'changed' => $changed,
            'taking' => null,
            'late' => false,
            'unread' => 0,
            'photo' => $this->photos->has($making->uid()),
            'unit' => $this->preferences->unit(),
        ];
    }

    /**
     * @param array{cord: string, item: string, length: string} $one as it is kept
     *
     * @return array{cord: string, role: string, number: string, length: Length, stocked: bool}
     */
    private static function cord(array $one): array
    {
        [$role, $number] = explode(' ', $one['cord']) + [1 => ''];

        return [
            'cord' => $one['cord'],
            'role' => $role,
            'number' => $number,
            'length' => Length::parse($one['length'], Unit::Millimetre),
            'stocked' => '' !== $one['item'],
        ];
    }
}
