<x-trouble title="Your sign-in has ended">Nothing was saved. Go back: what you typed is still in the page before this one. Then sign in again in another tab, reload and save.</x-trouble>
