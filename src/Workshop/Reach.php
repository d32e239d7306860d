<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Which pages and acts somebody reaches in a workshop, by their routes: whatever is not named here is a maker's. Where
 * there is one maker only, everything is theirs.
 *
 * @extends Voter<string, Request|string>
 */
final class Reach extends Voter
{
    public const NAME = 'REACH';

    /** What everybody reaches, signed in or not: each has a guard of its own, or tells nothing. */
    private const PUBLIC = [
        'sign_in', 'sign_in_do', 'sign_in_choose', 'customer', 'customer_answer', 'customer_picture', 'health',
        'metrics', 'pair', 'pair_here',
    ];

    /** Making, and what concerns oneself. */
    private const HELPER = [
        'bench', 'day', 'day_keep',
        'making', 'making_back', 'making_board', 'making_cord', 'making_finish', 'making_photo', 'making_small',
        'photo', 'piece_drawing', 'piece_small', 'paper_instructions', 'paper_line', 'paper_work',
        'board', 'board_open', 'board_clock', 'board_detour', 'board_finish', 'board_follow', 'board_keep', 'board_one',
        'board_pause', 'board_read', 'board_state', 'board_taps',
        'cut', 'cut_cord', 'cut_csv', 'cut_take', 'cut_tick', 'cut_ticks', 'stock_undo', 'paper_cut', 'paper_labels',
        'knots', 'knot', 'knot_card', 'own_knot', 'own_knot_file', 'numbers', 'numbers_file',
        'course', 'course_wrist', 'evening', 'evening_picture', 'evening_rehearsal',
        'evening_step',
        'practice', 'practice_answer', 'samples', 'sample_add', 'sample_aside',
        'settings', 'settings_keep', 'scheme', 'keys', 'devices', 'devices_heard', 'devices_say', 'changes',
        'me', 'me_password', 'sign_out',
    ];

    /** Who works here, what reaches Rinkel, and what concerns all data at once. */
    private const OWNER = [
        'workshop', 'workshop_add', 'workshop_change', 'workshop_reinvite', 'workshop_remove', 'record', 'record_csv',
        'network', 'network_rename', 'network_remove', 'network_serve', 'network_word',
        'data', 'data_export', 'data_look', 'data_looked', 'data_part', 'data_save', 'data_take', 'data_take_long',
        'kept_delete',
        'examples_lay', 'examples_remove',
    ];

    public function __construct(private readonly Workshop $workshop) {}

    /**
     * Returns who reaches a route at least; null for everybody.
     */
    public static function of(string $route): ?Role
    {
        return match (true) {
            \in_array($route, self::PUBLIC, true) => null,
            \in_array($route, self::HELPER, true) => Role::Helper,
            \in_array($route, self::OWNER, true) => Role::Owner,
            default => Role::Maker,
        };
    }

    /**
     * @return list<string> every route that is named here
     */
    public static function named(): array
    {
        return [...self::PUBLIC, ...self::HELPER, ...self::OWNER];
    }

    protected function supports(string $attribute, mixed $subject): bool
    {
        return self::NAME === $attribute;
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token): bool
    {
        $route = $subject instanceof Request ? $subject->attributes->get('_route') : $subject;
        $wanted = self::of(\is_string($route) ? $route : '');
        if (null === $wanted || !$this->workshop->isOn()) {
            return true;
        }
        $member = $token->getUser();

        return $member instanceof Member && $member->role()->reaches($wanted);
    }
}
