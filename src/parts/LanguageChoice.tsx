import { useState } from "react";
import { changeLanguage, LANGUAGES } from "../words/language.ts";
import { isLanguage, LANGUAGE_CODES } from "../words/language-code.ts";
import { ui } from "../words/ui.ts";
import { useLanguage } from "./useLanguage.ts";

/** The languages by their own names: whoever reads only one of them finds it. */
export function LanguageChoice({ look = "" }: { look?: string }) {
  const spoken = useLanguage();
  const [failed, setFailed] = useState(false);
  const choose = (code: string) => {
    if (!isLanguage(code)) return;
    changeLanguage(code).then(
      () => setFailed(false),
      () => setFailed(true),
    );
  };
  return (
    <>
      <select
        aria-label={ui.language}
        title={ui.language}
        className={`select select-sm w-auto ${look}`}
        value={spoken}
        onChange={(event) => choose(event.target.value)}
      >
        {LANGUAGE_CODES.map((code) => (
          <option key={code} value={code} lang={code}>
            {LANGUAGES[code].name}
          </option>
        ))}
      </select>
      {failed && (
        <span role="alert" className="text-sm">
          {ui.failed.loading}
        </span>
      )}
    </>
  );
}
