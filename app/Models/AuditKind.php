<?php

declare(strict_types=1);

namespace App\Models;

/** What is done with who may sign in, and with the workshop as a whole. */
enum AuditKind: string
{
    case SignedIn = 'signed-in';
    case SignedOut = 'signed-out';
    case PasswordRefused = 'password-refused';
    case CodeRefused = 'code-refused';
    case RecoveryUsed = 'recovery-used';
    case PasswordChanged = 'password-changed';
    case PasswordReset = 'password-reset';
    case SecondOn = 'second-on';
    case SecondOff = 'second-off';
    case RecoveryRenewed = 'recovery-renewed';
    case AddressChanged = 'address-changed';
    case AddressConfirmed = 'address-confirmed';
    case SignInEnded = 'sign-in-ended';
    case Invited = 'invited';
    case InvitationWithdrawn = 'invitation-withdrawn';
    case Joined = 'joined';
    case RoleChanged = 'role-changed';
    case Removed = 'removed';
    case CalendarRenewed = 'calendar-renewed';
    case ShopChanged = 'shop-changed';
    case AccountLeaves = 'account-leaves';
    case AccountStays = 'account-stays';
    case WorkshopCloses = 'workshop-closes';
    case WorkshopStays = 'workshop-stays';
    case TakenAlong = 'taken-along';
}
