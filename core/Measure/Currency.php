<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

/** What money is counted in. An amount is whole units of the smallest that it has: cents, yen, fils (ISO 4217). */
enum Currency: string
{
    case UsDollar = 'USD';
    case AustralianDollar = 'AUD';
    case BrazilianReal = 'BRL';
    case BritishPound = 'GBP';
    case CanadianDollar = 'CAD';
    case ChileanPeso = 'CLP';
    case CzechKoruna = 'CZK';
    case DanishKrone = 'DKK';
    case Euro = 'EUR';
    case IcelandicKrona = 'ISK';
    case IndianRupee = 'INR';
    case JapaneseYen = 'JPY';
    case JordanianDinar = 'JOD';
    case KuwaitiDinar = 'KWD';
    case MexicanPeso = 'MXN';
    case NewZealandDollar = 'NZD';
    case NorwegianKrone = 'NOK';
    case OmaniRial = 'OMR';
    case PhilippinePeso = 'PHP';
    case PolishZloty = 'PLN';
    case SouthAfricanRand = 'ZAR';
    case SouthKoreanWon = 'KRW';
    case SwedishKrona = 'SEK';
    case SwissFranc = 'CHF';

    /** "Canadian dollars" */
    public function name(): string
    {
        return match ($this) {
            self::UsDollar => 'US dollars',
            self::AustralianDollar => 'Australian dollars',
            self::BrazilianReal => 'Brazilian reais',
            self::BritishPound => 'British pounds',
            self::CanadianDollar => 'Canadian dollars',
            self::ChileanPeso => 'Chilean pesos',
            self::CzechKoruna => 'Czech koruny',
            self::DanishKrone => 'Danish kroner',
            self::Euro => 'euros',
            self::IcelandicKrona => 'Icelandic kronur',
            self::IndianRupee => 'Indian rupees',
            self::JapaneseYen => 'Japanese yen',
            self::JordanianDinar => 'Jordanian dinars',
            self::KuwaitiDinar => 'Kuwaiti dinars',
            self::MexicanPeso => 'Mexican pesos',
            self::NewZealandDollar => 'New Zealand dollars',
            self::NorwegianKrone => 'Norwegian kroner',
            self::OmaniRial => 'Omani rials',
            self::PhilippinePeso => 'Philippine pesos',
            self::PolishZloty => 'Polish zloty',
            self::SouthAfricanRand => 'South African rand',
            self::SouthKoreanWon => 'South Korean won',
            self::SwedishKrona => 'Swedish kronor',
            self::SwissFranc => 'Swiss francs',
        };
    }

    /** What stands before an amount: a sign of its own where it has one, else its code and a space that does not break. */
    public function sign(): string
    {
        return match ($this) {
            self::UsDollar, self::AustralianDollar, self::CanadianDollar, self::NewZealandDollar => '$',
            self::ChileanPeso, self::MexicanPeso => '$',
            self::BrazilianReal => 'R$',
            self::BritishPound => '£',
            self::Euro => '€',
            self::IndianRupee => '₹',
            self::JapaneseYen => '¥',
            self::PhilippinePeso => '₱',
            self::SouthAfricanRand => 'R',
            self::SouthKoreanWon => '₩',
            default => $this->value."\u{00A0}",
        };
    }

    /** How many decimals its amounts are written with: 0, 2 or 3. */
    public function decimals(): int
    {
        return match ($this) {
            self::ChileanPeso, self::IcelandicKrona, self::JapaneseYen, self::SouthKoreanWon => 0,
            self::JordanianDinar, self::KuwaitiDinar, self::OmaniRial => 3,
            default => 2,
        };
    }

    /** How many of its smallest unit make one: 1, 100 or 1000. */
    public function parts(): int
    {
        return 10 ** $this->decimals();
    }
}
