// What people send of themselves and of each other.
import 'reflect-metadata';
import { ArrayMaxSize, ArrayNotEmpty, IsArray, IsBoolean, IsIn, IsInt, Max, Min, Length, Matches, MaxLength } from 'class-validator';
import { LONGEST_PASSWORD, ROLES, type Role } from '$core';
import { ID } from '../../id';
import { IsId, Text, Words } from './rules';

const EMAIL: PropertyDecorator = (prototype, name) => {
  // where it is told apart from what is none; whether it is somebody's, a link tells that arrives
  Matches(/^[^\s@"<>()]{1,64}@[^\s@"<>()]{1,180}[.][^\s@"<>().]{2,}$/u, { message: 'An e-mail looks like name@school.example.' })(
    prototype,
    name,
  );
  MaxLength(254, { message: 'This e-mail is too long.' })(prototype, name);
};

/** Ids that were ticked in a list. */
const IdList =
  (message: string): PropertyDecorator =>
  (prototype, name) => {
    IsArray({ message })(prototype, name);
    ArrayMaxSize(500, { message })(prototype, name);
    Matches(ID, { each: true, message })(prototype, name);
  };

export class SignInInput {
  @EMAIL
  email!: string;

  @Length(1, LONGEST_PASSWORD, { message: 'Enter the password.' })
  password!: string;
}

/** What a browser says of a passkey; an empty answer asks what the device is to be asked. */
export class PasskeyInput {
  /** JSON, as the browser makes it; the library reads it. */
  @Text(16_000, 'This is no answer of a passkey.')
  response!: string;

  @Text(LONGEST_PASSWORD, 'This password is too long.')
  now!: string;

  @IsBoolean({ message: 'Say whether others use this device.' })
  shared!: boolean;
}

export class InvitationInput {
  @Words(60, 'A name has 1 to 60 characters.')
  name!: string;

  @EMAIL
  email!: string;

  @IsIn(ROLES, { message: 'Choose what this person is here for.' })
  role!: Role;

  @IdList('Choose classes of this school.')
  classes!: string[];
}

/** What a school settles for itself. */
export class SchoolInput {
  @IsIn(ROLES, { each: true, message: 'There is no such role.' })
  secondFor!: Role[];

  @IsInt({ message: 'Say in whole months how long is kept.' })
  @Min(1, { message: 'One month is the least.' })
  @Max(240, { message: '240 months are the most.' })
  keepMonths!: number;
}

export class ClassInput {
  @Words(60, 'A class’s name has 1 to 60 characters.')
  name!: string;
}

/** Learners who move to another class. */
export class MoveInput {
  @ArrayNotEmpty({ message: 'Choose who moves.' })
  @IdList('Choose who moves.')
  learners!: string[];

  @IsId('Choose the class that they move to.')
  to!: string;
}

/** The first person of an installation, and the school. */
export class FirstInput extends SignInInput {
  @Words(60, 'Your name has 1 to 60 characters.')
  name!: string;

  @Words(80, 'The school’s name has 1 to 80 characters.')
  school!: string;
}

export class ReasonInput {
  @Words(300, 'Say why, in 1 to 300 characters.')
  why!: string;
}
